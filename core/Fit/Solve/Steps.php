<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\Placement;

/** Numbers a packing so that it can be followed: what is nested, then from the floor up, back to front, left to right. */
final class Steps
{
    /**
     * Sorting by the level of the underside is enough for a valid order: whatever is beneath a part starts lower.
     *
     * @param  list<Placement>  $placements
     * @param  list<Placement>  $pinned  what is in the box already keeps its steps
     * @return list<Placement>
     */
    public static function number(array $placements, array $pinned): array
    {
        usort($placements, static function (Placement $one, Placement $other): int {
            [$a, $b] = [$one->parts[0], $other->parts[0]];

            return [$a->z, -$a->y - $a->w, $a->x, $one->id] <=> [$b->z, -$b->y - $b->w, $b->x, $other->id];
        });
        $step = max(0, 0, ...array_map(static fn (Placement $placement): int => $placement->step, $pinned));
        foreach ($placements as $index => $placement) {
            $placements[$index] = $placement->withStep(++$step);
        }
        $numbered = [...$pinned, ...$placements];
        usort($numbered, static fn (Placement $one, Placement $other): int => $one->step <=> $other->step);

        return $numbered;
    }
}
