<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Problem;

/** What is nested at which attempt: nothing in the first, then mostly something, each time something else for a few. */
final class NestingTurns
{
    /** From this share of the room on, nesting is tried first. */
    private const CROWDED = 0.85;

    /** So many attempts nest nothing at first: what lies in the open is found sooner. */
    private const OPEN_FIRST = 4;

    /** So many attempts share what is nested. */
    private const SAME_NEST = 4;

    /** All pieces, nothing nested. */
    private readonly Repertoire $unnested;

    private readonly Nesting $nesting;

    /** Whether all of it cannot go in unless some of it is nested, or hardly. */
    private readonly bool $isCrowded;

    /** What is to be placed now. */
    public Repertoire $repertoire;

    /** What is nested now. */
    public Nested $nested;

    /**
     * @param  list<Item>  $possible  what is to be placed in all
     * @param  list<Item>  $free  what of that lies straight somewhere
     */
    public function __construct(
        Problem $problem,
        array $possible,
        private readonly array $free,
        private readonly int $seed,
        Budget $budget,
    ) {
        $this->repertoire = $this->unnested = new Repertoire($free);
        $this->nesting = new Nesting($free, $budget);
        $this->nested = new Nested;
        $least = array_sum(array_map(static fn (Item $item): float => $item->pressedVolume(), $possible));
        $this->isCrowded = $least > self::CROWDED * $problem->box->volume();
    }

    /** @param array<string, float> $priorities above 1 for what stayed out before, by id */
    public function begin(int $turn, array $priorities): void
    {
        if (! $this->nesting->isPossible() || $turn % self::SAME_NEST !== 0) {
            return;
        }
        if (($turn < self::OPEN_FIRST || $turn % (4 * self::SAME_NEST) === 0) && ! $this->isCrowded) {
            [$this->repertoire, $this->nested] = [$this->unnested, new Nested];

            return;
        }
        $this->nested = $this->nesting->plan($priorities, intdiv($turn, self::SAME_NEST), $this->seed);
        $inside = array_flip($this->nested->ids());
        $this->repertoire = new Repertoire(array_map(
            fn (Item $item): Item => $this->nested->filledPouches[$item->id] ?? $item,
            array_values(array_filter($this->free, static fn (Item $item): bool => ! isset($inside[$item->id]))),
        ));
    }
}
