<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Kept;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;

/** Puts private wear out of sight, and what is to be seen first in sight, by packing some of a packing anew. */
final class SeenAsWanted
{
    /** So many tries hide what is private in nearly every tub that closes at all; most take fewer than ten. */
    private const HIDING = 150;

    /** And so many bring to light what is to be seen first in one of three that do not show it. */
    private const SHOWING = 30;

    /** In all of a search no more of either than so often as many: where that does not do, more would hardly. */
    private const OFTEN = 4;

    private readonly Repacking $repacking;

    private int $hiding;

    private int $showing;

    /** @param array<string, Item> $items all, by id */
    public function __construct(
        private readonly Problem $problem,
        private readonly array $items,
        private readonly Budget $budget,
    ) {
        // Who only glances at a problem glances here too.
        [$this->hiding, $this->showing] = [
            self::OFTEN * min(self::HIDING, $budget->attempts), self::OFTEN * min(self::SHOWING, $budget->attempts),
        ];
        $this->repacking = new Repacking($problem, $items, $budget);
    }

    /**
     * @param  list<Placement>  $placements  all that are in the box but what is pinned
     * @return list<Placement> the same where nothing could be done
     */
    public function of(array $placements): array
    {
        // What she pinned is as she wants it.
        $pinned = array_column($this->problem->pinned, 'id');
        $private = static fn (Kept $kept): array => array_diff($kept->seenPrivates, $pinned);
        $hidden = $this->repacked($placements, min(self::HIDING, $this->hiding), $private, $this->hiding);

        $amiss = static fn (Kept $kept): array => [
            ...array_diff($kept->coveredFirstSights, $pinned), ...$private($kept),
        ];

        return $this->repacked($hidden, min(self::SHOWING, $this->showing), $amiss, $this->showing);
    }

    /**
     * @param  list<Placement>  $placements
     * @param  callable(Kept): array<string>  $amiss  ids of what is in sight, or is not, and is to be otherwise
     * @param  int  $left  how many tries are left in all
     * @return list<Placement>
     */
    private function repacked(array $placements, int $tries, callable $amiss, int &$left): array
    {
        $now = $before = $this->keptBy($placements);
        $asBefore = $placements;
        for ($number = 0; $number < $tries && $amiss($now) !== [] && ! $this->budget->isSpent(); $number++) {
            $left--;
            $again = $this->repacking->of($placements, array_values($amiss($now)), $number);
            $then = $again === null ? null : $this->keptBy($again);
            // Also what is only as good is gone on from: the next step may lead further.
            if ($again !== null && $then !== null && $then->amiss() <= $now->amiss()) {
                [$placements, $now] = [$again, $then];
            }
        }

        return $now->amiss() < $before->amiss() ? $placements : $asBefore;
    }

    /** @param list<Placement> $placements */
    private function keptBy(array $placements): Kept
    {
        $all = [...$this->problem->pinned, ...$placements];

        return Kept::in($this->problem->box, $this->problem->order, $all, $this->items);
    }
}
