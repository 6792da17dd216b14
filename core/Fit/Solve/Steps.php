<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\Placement;

/**
 * Numbers a packing so that it can be followed: from the floor up, back to front, left to right; what is nested just
 * before what holds it.
 */
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
        $byId = array_column($placements, null, 'id');
        $keys = [];
        foreach ($placements as $placement) {
            $part = $placement->parts[0];
            $at = ($byId[$placement->in ?? ''] ?? $placement)->parts[0];
            $keys[$placement->id] = [
                $at->z,
                -$at->y - $at->w,
                $at->x,
                $placement->in ?? $placement->id,
                $placement->isNested() ? 0 : 1,
                $part->z,
                $placement->id,
            ];
        }
        usort($placements, static fn (Placement $one, Placement $other): int => $keys[$one->id] <=> $keys[$other->id]);
        $step = max(0, 0, ...array_map(static fn (Placement $placement): int => $placement->step, $pinned));
        foreach ($placements as $index => $placement) {
            $placements[$index] = $placement->withStep(++$step);
        }
        $numbered = [...$pinned, ...$placements];
        usort($numbered, static fn (Placement $one, Placement $other): int => $one->step <=> $other->step);

        return $numbered;
    }
}
