<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\ClosureOf;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Losses;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;

/** Attempt after attempt at one problem: what stayed out once is wanted more the next time, and the best is kept. */
final class Search
{
    /** How much sooner a piece is chosen for each time that it stayed out. */
    private const SOONER = 1.4;

    /** Of every so many attempts that leave as much out as the best, one is looked at for how the lid closes. */
    private const TIES = 3;

    public ?Attempt $best = null;

    /** How many attempts were made. */
    public int $done = 0;

    private readonly Queue $queue;

    private readonly HardToLay $hardToLay;

    private readonly NestingTurns $nesting;

    private readonly Turns $turns;

    /** @var array<string, float> above 1 for what stayed out before, by id */
    private array $priorities = [];

    /**
     * @param  array<string, Item>  $items  all, by id
     * @param  list<Item>  $possible  those to be placed
     */
    public function __construct(
        private readonly Problem $problem,
        private readonly array $items,
        array $possible,
        private readonly int $seed,
        private readonly Budget $budget,
    ) {
        $this->queue = new Queue($possible, $problem->order, $problem->box);
        $this->hardToLay = new HardToLay($problem, $items, $possible, $budget);
        $this->nesting = new NestingTurns($problem, $possible, $this->hardToLay->others, $seed, $budget);
        $this->turns = new Turns;
    }

    public function attempt(): void
    {
        $turn = $this->done++;
        $this->nesting->begin($turn, $this->priorities);
        $isByPiece = $this->turns->goesByPiece($turn);
        [$placed] = ($isByPiece ? $this->byPiece() : $this->bySpace())->packed();
        $placements = $this->hardToLay->with($this->nesting->nested->with($placed));
        $leftOut = $this->hardToLay->missing($placements);
        $this->turns->learn($isByPiece, $leftOut);
        $this->wantMore($leftOut);
        if (! $this->mayBeBetter($leftOut, $turn)) {
            return;
        }
        $attempt = $this->judged($placements, $leftOut);
        if ($this->best === null || $attempt->merit->isBetterThan($this->best->merit)) {
            $this->best = $attempt;
        }
    }

    private function byPiece(): Room
    {
        $box = $this->problem->box;
        $number = $this->turns->attempts(true);
        // Who goes piece by piece looks at every space each time.
        $room = $this->room(SpaceCare::number($number), $box->height + $box->bulge, true);
        $weighting = Weighting::number($this->seed - 1 + $number);
        $bestPlace = new BestPlace($room, $box, $this->problem->order, $weighting);
        (new PieceFirst($room, $this->nesting->repertoire, $bestPlace, $this->budget))
            ->run($this->queue->kinds($this->nesting->repertoire, $number % 2 === 1));

        return $room;
    }

    private function bySpace(): Room
    {
        $number = $this->turns->attempts(false);
        $care = SpaceCare::number($number);
        // What folds or pours is put where nothing else would go.
        $room = $this->room($care, $this->ceiling($number), $this->nesting->repertoire->heaps() !== []);
        $offers = new Offers($this->nesting->repertoire, $care, $this->priorities, $this->seed + $number);
        (new SpaceFirst($room, $offers, $this->best?->leftOut === [], $this->budget))->run();

        return $room;
    }

    /**
     * @param  int  $ceiling  how high anything may reach, in tenths of a millimetre
     * @param  bool  $parks  whether a space that is dropped may still be wanted
     */
    private function room(SpaceCare $care, int $ceiling, bool $parks): Room
    {
        $room = new Room(
            $this->problem->box,
            $this->nesting->repertoire,
            new EmptySpaces($this->problem->box, $ceiling, $care->level, $parks),
            $care->keepsFirstSightClear,
        );
        array_map($room->keep(...), $this->hardToLay->standing());

        return $room;
    }

    /**
     * Determine if a packing that leaves so much out is worth judging: it leaves out less than the best, or now and
     * then as much.
     *
     * @param  list<Item>  $leftOut
     */
    private function mayBeBetter(array $leftOut, int $turn): bool
    {
        if ($this->best === null || $leftOut === []) {
            return true;
        }
        $more = Losses::of($leftOut)->compareTo($this->best->merit->losses);

        return $more < 0 || ($more === 0 && $turn % self::TIES === 0);
    }

    /** How high anything may reach, in tenths of a millimetre: under the rim once all goes in, else by turns above. */
    private function ceiling(int $turn): int
    {
        $box = $this->problem->box;
        if ($this->best !== null && $this->best->leftOut === []) {
            return $this->best->merit->closure->domeMm > 0 && $turn % 2 === 0
                ? $box->height + intdiv($box->bulge, 2)
                : $box->height;
        }

        return $box->height + match ($turn % 4) {
            1 => 0,
            3 => intdiv($box->bulge, 2),
            default => $box->bulge,
        };
    }

    /** @param list<Item> $leftOut */
    private function wantMore(array $leftOut): void
    {
        foreach ($leftOut as $item) {
            $this->queue->nudge($item);
            $this->priorities[$item->id] = ($this->priorities[$item->id] ?? 1.0) * self::SOONER;
        }
    }

    /**
     * @param  list<Placement>  $placements
     * @param  list<Item>  $leftOut
     */
    private function judged(array $placements, array $leftOut): Attempt
    {
        $all = [...$this->problem->pinned, ...$placements];
        $closure = ClosureOf::packing($this->problem->box, $all, $this->items);

        return new Attempt(
            $placements,
            $leftOut,
            Merit::of($this->problem, $all, $leftOut, $closure, $this->items),
        );
    }
}
