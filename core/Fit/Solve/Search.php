<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\ClosureOf;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Losses;
use PluckyWren\Core\Fit\Order;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;

/** Attempt after attempt at one problem: what stayed out once is wanted more the next time, and the best is kept. */
final class Search
{
    /** How much sooner a piece is chosen for each time that it stayed out. */
    private const SOONER = 1.4;

    /** Of every so many attempts that leave as much out as the best, one is looked at for how the lid closes. */
    private const TIES = 3;

    /** Until all goes in, one in so many attempts keeps what is to be seen first in sight. */
    private const SIGHT_KEPT = 3;

    /** Where all of it at rest takes more than this share of the room, some of it has to be pressed. An estimate. */
    private const FULL = 0.85;

    /** Less than any piece is worth. */
    private const LEAST = 1e-9;

    public ?Attempt $best = null;

    /** How many attempts were made. */
    public int $done = 0;

    private readonly Queue $queue;

    private readonly HardToLay $hardToLay;

    private readonly NestingTurns $nesting;

    private ?FloorPlan $floorPlan = null;

    /** Whether the attempt is about getting all in, rather than about how it lies once it is. */
    private bool $isToClose = true;

    private readonly Polish $polish;

    private readonly bool $isFull;

    /** Piece by piece, or space by space. */
    private readonly Turns $turns;

    /** With flat things laid out first, or as it comes. */
    private readonly Turns $staging;

    /** @var array<string, float> above 1 for what stayed out before, by id */
    private array $priorities = [];

    /**
     * @param  array<string, Item>  $items  all, by id
     * @param  array<string, Item>  $asAsked  the same, by which a packing is judged
     * @param  list<Item>  $possible  those to be placed
     */
    public function __construct(
        private readonly Problem $problem,
        private readonly array $items,
        private readonly array $asAsked,
        array $possible,
        private readonly int $seed,
        private readonly Budget $budget,
    ) {
        $this->queue = new Queue($possible, $problem->order, $problem->box);
        $this->hardToLay = new HardToLay($problem, $items, $possible, $budget);
        $this->nesting = new NestingTurns($problem, $possible, $this->hardToLay->others, $seed, $budget);
        $resting = array_sum(array_map(static fn (Item $item): int => $item->size->volume(), $possible));
        $this->isFull = $resting > self::FULL * $problem->box->volume();
        $this->polish = new Polish($problem, $items, $budget);
        $this->turns = new Turns;
        $this->staging = new Turns;
    }

    public function attempt(): void
    {
        $turn = $this->done++;
        $this->nesting->begin($turn, $this->priorities);
        $isByPiece = $this->turns->goesFirstWay($turn);
        // Once all goes in, every attempt is about how well, or about getting it in over a floor that is laid out.
        $isForFlats = $turn % 4 !== 3;
        $this->isToClose = ! $this->isWhole() || ($isForFlats && $this->couldLieFlatter());
        $flatsFirst = $this->isWhole() ? $isForFlats : $this->staging->goesFirstWay(intdiv($turn, 2));
        // Until then it is mostly about that: what is kept clear over the lead is room that others need.
        $keepsSight = ! $this->isToClose || intdiv($turn, 2) % self::SIGHT_KEPT === 0;
        $underTheLid = $this->underTheLid($turn);
        $packed = $this->packed($isByPiece, $flatsFirst, $keepsSight, $underTheLid);
        if (! $packed instanceof Room) {
            $this->learn($isByPiece, $flatsFirst, $packed);

            return;
        }
        $placements = $this->hardToLay->with($this->nesting->nested->with($packed->packed()[0]));
        $placements = $underTheLid?->letDown($placements, $this->items) ?? $placements;
        $leftOut = $this->hardToLay->missing($placements);
        $this->learn($isByPiece, $flatsFirst, $leftOut);
        if (! $this->mayBeBetter($leftOut, $turn)) {
            return;
        }
        if ($leftOut === []) {
            $placements = $this->polish->of($placements);
        }
        $attempt = $this->judged($placements, $leftOut);
        if ($this->best === null || $attempt->merit->isBetterThan($this->best->merit)) {
            $this->best = $attempt;
        }
    }

    /** The best as it is preferred to lie; where all goes in, each attempt saw to that itself. */
    public function finished(Attempt $best): Attempt
    {
        if ($best->leftOut === []) {
            return $best;
        }
        $polished = $this->judged($this->polish->of($best->placements), $best->leftOut);

        return $polished->merit->isBetterThan($best->merit) ? $polished : $best;
    }

    /** A corner kept under the lid, mostly, once all goes in but what is to be seen first is not. */
    private function underTheLid(int $turn): ?UnderTheLid
    {
        $isWanted = $this->isWhole()
            && $this->best?->merit->kept->coveredFirstSights !== []
            && $turn % 4 !== 0
            && $this->problem->pinned === [];
        $underTheLid = $isWanted ? new UnderTheLid($this->problem->box, $this->nesting->repertoire) : null;

        return $underTheLid?->isNeeded() === true ? $underTheLid : null;
    }

    /** @return Room|list<Item> what was out when the attempt was given up, where it was */
    private function packed(
        bool $isByPiece,
        bool $flatsFirst,
        bool $keepsSight,
        ?UnderTheLid $underTheLid,
    ): Room|array {
        $box = $this->problem->box;
        $number = $this->turns->attempts($isByPiece);
        $care = SpaceCare::number($number);
        $isTight = ($this->isToClose || ! $this->isAsWanted()) && $this->isTight($number);
        $sightLast = $keepsSight && $number % 2 === 1 && ! $this->isToClose;
        $stages = new Stages($this->nesting->repertoire, $this->problem->order);
        $last = $stages->last($sightLast, $flatsFirst);
        // What folds or pours is put where nothing else would go; who goes piece by piece looks at every space.
        $parks = $isByPiece || $last !== [] || $this->nesting->repertoire->heaps() !== [];
        $ceiling = $isByPiece ? $box->height + $box->bulge : $this->ceiling($number);
        $room = $this->room($care, $ceiling, $parks, $keepsSight && ! $sightLast);
        $bestPlace = new BestPlace(
            $room,
            $box,
            $this->problem->order,
            Weighting::number($isByPiece ? $this->seed - 1 + $number : $number),
            $isTight,
        );
        $underTheLid?->take($room, min($ceiling, $box->height), $number);
        $pieces = new PieceFirst($room, $this->nesting->repertoire, $bestPlace, $this->budget);
        if ($flatsFirst) {
            $this->layFlats($room, $pieces, $stages, $number);
        } elseif ($this->showsPrivates()) {
            $pieces->run($stages->privates(), false);
        }
        if ($isByPiece) {
            $queue = $this->queue->kinds($this->nesting->repertoire, $number % 2 === 1, $sightLast);

            return $pieces->run($queue, enough: $this->tooMuch()) ?? $room;
        }
        $offers = new Offers(
            $this->nesting->repertoire, $care, $this->priorities, $this->seed + $number, false,
            array_fill_keys($last, true), $isTight,
        );
        (new SpaceFirst($room, $offers, ! $this->isToClose, $this->budget))->run();
        $pieces->run($last);

        return $room;
    }

    /** What the order of packing would have where it is before all else, and private things over it. */
    private function layFlats(Room $room, PieceFirst $pieces, Stages $stages, int $number): void
    {
        // Once all goes in but private things are in sight, they are what lies under everything.
        if ($this->showsPrivates() && $number % 2 === 1) {
            $pieces->run($stages->privates(), false, true);
            $pieces->run($stages->flats(), false);
        } elseif ($this->problem->order === Order::FlatsFirst) {
            $this->floorPlan ??= new FloorPlan(
                $this->problem->box, $this->hardToLay->others, $this->hardToLay->standing(),
            );
            $numbers = $this->nesting->repertoire->numbers();
            foreach ($this->floorPlan->parts($number) as $id => $parts) {
                if (isset($numbers[$id])) {
                    $room->lay($numbers[$id], ...$parts);
                }
            }
        } elseif ($this->problem->order === Order::FlatsWall) {
            $pieces->run($stages->flats(), false);
        }
        $pieces->run($stages->privates(), false);
    }

    /** From what value left out on an attempt cannot be better than the best: then it need not be gone on with. */
    private function tooMuch(): float
    {
        $isKnown = $this->best?->merit->losses->musts === 0 && ! $this->hardToLay->mayComeLate();

        return $isKnown ? max(self::LEAST, $this->best->merit->losses->value) : INF;
    }

    private function isWhole(): bool
    {
        return $this->best?->leftOut === [];
    }

    /** Determine if all goes in, but private things are in sight. */
    private function showsPrivates(): bool
    {
        return $this->isWhole() && $this->best?->merit->kept->seenPrivates !== [];
    }

    /** Determine if all goes in, and is seen or hidden as it should be. */
    private function isAsWanted(): bool
    {
        return $this->isWhole() && $this->best?->merit->kept->isSeenAsWanted() === true;
    }

    /** Determine if all lies as it is wanted, but less of the floor under flat things than might. */
    private function couldLieFlatter(): bool
    {
        return $this->problem->order === Order::FlatsFirst
            && $this->isAsWanted()
            && $this->floorPlan?->coversMoreThan($this->best->placements ?? []) === true;
    }

    /** Whether what gives is pressed at once: mostly, where not all of it goes in at rest. */
    private function isTight(int $number): bool
    {
        return $this->isFull ? $number % 4 !== 0 : $number % 4 === 3;
    }

    /**
     * @param  int  $ceiling  how high anything may reach, in tenths of a millimetre
     * @param  bool  $parks  whether a space that is dropped may still be wanted
     * @param  bool  $keepsSight  whether what is to be seen first is left clear
     */
    private function room(SpaceCare $care, int $ceiling, bool $parks, bool $keepsSight): Room
    {
        $room = new Room(
            $this->problem->box,
            $this->nesting->repertoire,
            new EmptySpaces($this->problem->box, $ceiling, $care->level, $parks),
            $keepsSight,
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
        if ($this->best !== null && $this->isAsWanted() && ! $this->isToClose) {
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
    private function learn(bool $isByPiece, bool $flatsFirst, array $leftOut): void
    {
        $this->turns->learn($isByPiece, $leftOut);
        $this->staging->learn($flatsFirst, $leftOut);
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
        $closure = ClosureOf::packing($this->problem->box, $all, $this->asAsked);

        return new Attempt(
            $placements,
            $leftOut,
            Merit::of($this->problem, $all, $leftOut, $closure, $this->asAsked),
        );
    }
}
