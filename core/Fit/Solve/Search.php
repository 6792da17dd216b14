<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\ClosureOf;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;

/** Attempt after attempt at one problem: what stayed out once is wanted more the next time, and the best is kept. */
final class Search
{
    /** How much sooner a piece is chosen for each time that it stayed out. */
    private const SOONER = 1.4;

    /** So many fillings share what is nested. */
    private const SAME_NEST = 4;

    /** Of every so many attempts that leave as much out as the best, one is looked at for how the lid closes. */
    private const TIES = 4;

    public ?Attempt $best = null;

    public int $done = 0;

    private readonly Queue $queue;

    /** All pieces, nothing nested. */
    private readonly Repertoire $unnested;

    private readonly Nesting $nesting;

    /** @var list<Item> what is placed filling by filling, not bent or corner to corner */
    private readonly array $free;

    private Repertoire $repertoire;

    private Nested $nested;

    private readonly Construction $bent;

    /** @var array<string, float> above 1 for what stayed out before, by id */
    private array $priorities = [];

    private int $fillings = 0;

    /**
     * @param  array<string, Item>  $items  all, by id
     * @param  list<Item>  $possible  those to be placed
     */
    public function __construct(private readonly Problem $problem, private readonly array $items, private readonly array $possible, private readonly int $seed, private readonly Poses $poses = new Poses)
    {
        $this->queue = new Queue($possible, $problem->order, $problem->box);
        $bends = new BentAndTurned;
        $tooLong = array_values(array_filter($possible, static fn (Item $item): bool => $item->form->keepsItsSides() && ! $bends->liesStraight($item, $problem->box)));
        $this->bent = new Construction($problem, $items, Weighting::number(0), $poses);
        $this->bent->run($tooLong);
        $this->free = array_values(array_filter($possible, static fn (Item $item): bool => ! in_array($item, $tooLong, true)));
        $this->repertoire = $this->unnested = new Repertoire($this->free);
        $this->nesting = new Nesting($this->free);
        $this->nested = new Nested;
    }

    public function attempt(): void
    {
        $attempt = $this->done === 0 ? $this->asPeoplePack() : $this->filled();
        $this->done++;
        if ($attempt !== null && ($this->best === null || $attempt->merit->isBetterThan($this->best->merit))) {
            $this->best = $attempt;
        }
    }

    private function asPeoplePack(): Attempt
    {
        $construction = new Construction($this->problem, $this->items, Weighting::number($this->seed - 1), $this->poses);
        $construction->run($this->queue->items(foldedEarly: false));
        array_map($this->queue->nudge(...), $construction->leftOut);

        return $this->judged($construction->placements, $construction->leftOut);
    }

    /** Null where it cannot be better than the best. */
    private function filled(): ?Attempt
    {
        $turn = $this->fillings++;
        $this->nest($turn);
        $care = SpaceCare::number(intdiv($turn, 2));
        $needsAll = $turn % 2 === 1 || $this->repertoire->ofForm(Form::Cloth, Form::Loose) !== [];
        $ceiling = $turn % 2 === 1 ? $this->problem->box->height + $this->problem->box->bulge : $this->ceiling(intdiv($turn, 2));
        $room = new Room($this->problem->box, $this->repertoire, new EmptySpaces($this->problem->box, $ceiling, $care->level, $needsAll), $care->keepsFirstSightClear);
        array_map($room->keep(...), $this->bent->standing());
        if ($turn % 2 === 1) {
            $filling = new PieceFirst($room, $this->repertoire, $this->problem->box, $this->problem->order, Weighting::number(intdiv($turn, 2)));
            $filling->run($this->queue->kinds($this->repertoire, intdiv($turn, 2) % 2 === 1));
        } else {
            (new SpaceFirst($room, new Offers($this->repertoire, $care, $this->priorities, $this->seed + $turn)))->run();
        }
        [$placed, $rest] = $room->packed();
        $placements = [...$this->bent->placements, ...$this->nested->with($placed)];
        $rest = $this->missing($placements);
        $this->wantMore($rest);
        if ($this->best !== null && $rest !== [] && Merit::losses($rest) >= $this->best->merit->lost() && ($turn % self::TIES !== 0 || Merit::losses($rest) > $this->best->merit->lost())) {
            return null;
        }

        return $this->judged($placements, $rest);
    }

    private function ceiling(int $turn): int
    {
        $box = $this->problem->box;
        if ($this->best !== null && $this->best->leftOut === []) {
            return $this->best->merit->closure->domeMm > 0 && $turn % 2 === 0 ? $box->height + intdiv($box->bulge, 2) : $box->height;
        }

        return $box->height + match ($turn % 4) {
            1 => 0,
            3 => intdiv($box->bulge, 2),
            default => $box->bulge,
        };
    }

    /** The first fillings nest nothing, as what lies in the open is found sooner; then most do, each time with something else for a few. */
    private function nest(int $turn): void
    {
        if (! $this->nesting->isPossible() || $turn % self::SAME_NEST !== 0) {
            return;
        }
        if ($turn % (4 * self::SAME_NEST) === 0) {
            [$this->repertoire, $this->nested] = [$this->unnested, new Nested];

            return;
        }
        $this->nested = $this->nesting->plan($this->priorities, intdiv($turn, self::SAME_NEST), $this->seed);
        $inside = array_flip($this->nested->ids());
        $this->repertoire = new Repertoire(array_map(
            fn (Item $item): Item => $this->nested->filledPouches[$item->id] ?? $item,
            array_values(array_filter($this->free, static fn (Item $item): bool => ! isset($inside[$item->id]))),
        ));
    }

    /**
     * @param  list<Placement>  $placements
     * @return list<Item>
     */
    private function missing(array $placements): array
    {
        $placed = array_column($placements, null, 'id');

        return array_values(array_filter($this->possible, static fn (Item $item): bool => ! isset($placed[$item->id])));
    }

    /** @param list<Item> $rest */
    private function wantMore(array $rest): void
    {
        foreach ($rest as $item) {
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

        return new Attempt($placements, $leftOut, Merit::of($this->problem, $all, $leftOut, ClosureOf::packing($this->problem->box, $all, $this->items), $this->items));
    }
}
