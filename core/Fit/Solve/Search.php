<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\Budget;
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

    /** From this share of the room on, nesting is tried first. */
    private const CROWDED = 0.85;

    /** After so many fillings it is known which way suits a problem; of every so many, one still goes the other way. */
    private const WAYS_COMPARED = 4;

    private const OTHER_WAY = 4;

    /** So many fillings nest nothing at first: what lies in the open is found sooner. */
    private const OPEN_FIRST = 8;

    /** So many fillings share what is nested. */
    private const SAME_NEST = 4;

    /** Of every so many attempts that leave as much out as the best, one is looked at for how the lid closes. */
    private const TIES = 3;

    public ?Attempt $best = null;

    public int $done = 0;

    /** @var array{int, int} fillings space by space, and piece by piece */
    private array $tried = [0, 0];

    /** @var array{float, float} what value they left out in all */
    private array $valueOut = [0.0, 0.0];

    private readonly Queue $queue;

    /** All pieces, nothing nested. */
    private readonly Repertoire $unnested;

    private readonly Nesting $nesting;

    /** @var list<Item> what is placed filling by filling, not bent or corner to corner */
    private readonly array $free;

    /** @var array<string, Item> what lies straight nowhere and found no place on the floor */
    private readonly array $late;

    private Repertoire $repertoire;

    private Nested $nested;

    /** Whether all of it cannot go in unless some of it is nested, or hardly. */
    private readonly bool $isCrowded;

    private readonly Construction $bent;

    /** @var array<string, float> above 1 for what stayed out before, by id */
    private array $priorities = [];

    /**
     * @param  array<string, Item>  $items  all, by id
     * @param  list<Item>  $possible  those to be placed
     */
    public function __construct(
        private readonly Problem $problem,
        private readonly array $items,
        private readonly array $possible,
        private readonly int $seed,
        private readonly Budget $budget,
    ) {
        $this->queue = new Queue($possible, $problem->order, $problem->box);
        $bends = new BentAndTurned;
        $this->bent = new Construction($problem, $items, Weighting::number(0), new Poses, $budget);
        $tooLong = array_values(
            array_filter(
                $possible,
                static fn (Item $item): bool => $item->form->keepsItsSides()
                    && ! $bends->liesStraight($item, $problem->box),
            ),
        );
        $this->bent->run($tooLong);
        $this->late = array_column($this->bent->leftOut, null, 'id');
        // What lies on the floor in no way may still lie further up, where the box is broader.
        $bent = array_column($this->bent->placements, null, 'id');
        $this->free = array_values(array_filter($possible, static fn (Item $item): bool => ! isset($bent[$item->id])));
        $this->repertoire = $this->unnested = new Repertoire($this->free);
        $this->nesting = new Nesting($this->free, $budget);
        $this->nested = new Nested;
        $this->isCrowded = array_sum(
            array_map(
                static fn (Item $item): float => $item->form === Form::Soft
                    ? $item->squeeze * $item->size->volume()
                    : $item->leastVolume(),
                $possible,
            ),
        ) > self::CROWDED * $problem->box->volume();
    }

    public function attempt(): void
    {
        $turn = $this->done++;
        $this->nest($turn);
        $isByPiece = $this->goesByPiece($turn);
        [$placed] = $this->filled($isByPiece)->packed();
        $placements = $this->withLate([...$this->bent->placements, ...$this->nested->with($placed)]);
        $rest = $this->missing($placements);
        $this->learn($isByPiece, $rest);
        $this->wantMore($rest);
        if (! $this->mayBeBetter($rest, $turn)) {
            return;
        }
        $attempt = $this->judged($placements, $rest);
        if ($this->best === null || $attempt->merit->isBetterThan($this->best->merit)) {
            $this->best = $attempt;
        }
    }

    /**
     * Piece by piece and space by space in turn at first; then mostly the way that has left out less of this problem.
     */
    private function goesByPiece(int $turn): bool
    {
        if ($turn < self::WAYS_COMPARED) {
            return $turn % 2 === 0;
        }
        $isBetterByPiece = $this->valueOut[1] / $this->tried[1] <= $this->valueOut[0] / $this->tried[0];

        return $turn % self::OTHER_WAY === 0 ? ! $isBetterByPiece : $isBetterByPiece;
    }

    /** @param list<Item> $rest */
    private function learn(bool $isByPiece, array $rest): void
    {
        $this->tried[(int) $isByPiece]++;
        $this->valueOut[(int) $isByPiece] += Merit::losses($rest)[1];
    }

    private function filled(bool $isByPiece): Room
    {
        $box = $this->problem->box;
        $number = $this->tried[(int) $isByPiece];
        $care = SpaceCare::number($number);
        $ceiling = $isByPiece ? $box->height + $box->bulge : $this->ceiling($number);
        // Who goes piece by piece looks at every space each time; what folds or pours is put where nothing else would
        // go.
        $parks = $isByPiece || $this->repertoire->heaps() !== [];
        $room = new Room(
            $box,
            $this->repertoire,
            new EmptySpaces($box, $ceiling, $care->level, $parks),
            $care->keepsFirstSightClear,
        );
        array_map($room->keep(...), $this->bent->standing());
        if ($isByPiece) {
            (
                new PieceFirst(
                    $room,
                    $this->repertoire,
                    $box,
                    $this->problem->order,
                    Weighting::number($this->seed - 1 + $number),
                    $this->budget,
                )
            )->run($this->queue->kinds($this->repertoire, $number % 2 === 1));
        } else {
            (
                new SpaceFirst(
                    $room,
                    new Offers($this->repertoire, $care, $this->priorities, $this->seed + $number),
                    $this->best?->leftOut === [],
                    $this->budget,
                )
            )->run();
        }

        return $room;
    }

    /**
     * Determine if a packing that leaves so much out is worth judging: it leaves out less than the best, or now and
     * then as much.
     *
     * @param  list<Item>  $rest
     */
    private function mayBeBetter(array $rest, int $turn): bool
    {
        if ($this->best === null || $rest === []) {
            return true;
        }
        $losses = Merit::losses($rest);
        $least = $this->best->merit->lost();

        return $losses < $least || ($losses == $least && $turn % self::TIES === 0);
    }

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

    /** The first fillings nest nothing, then most do, each time with something else for a few. */
    private function nest(int $turn): void
    {
        if (! $this->nesting->isPossible() || $turn % self::SAME_NEST !== 0) {
            return;
        }
        if (($turn < self::OPEN_FIRST || $turn % (4 * self::SAME_NEST) === 0) && ! $this->isCrowded) {
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
     * With what lies straight nowhere and bent or corner to corner not on the floor, but perhaps on top of what is
     * there now.
     *
     * @param  list<Placement>  $placements
     * @return list<Placement>
     */
    private function withLate(array $placements): array
    {
        $missing = array_values(
            array_filter($this->missing($placements), fn (Item $item): bool => isset($this->late[$item->id])),
        );
        if ($missing === []) {
            return $placements;
        }
        $construction = new Construction($this->problem, $this->items, Weighting::number(0), new Poses, $this->budget);
        $construction->takeOver($placements, $this->items);
        $construction->run($missing);

        return $construction->placements;
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

        return new Attempt(
            $placements,
            $leftOut,
            Merit::of(
                $this->problem,
                $all,
                $leftOut,
                ClosureOf::packing($this->problem->box, $all, $this->items),
                $this->items,
            ),
        );
    }
}
