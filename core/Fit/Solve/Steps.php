<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;

/**
 * Numbers a packing so that it can be followed: from the floor up, at each level what covers most first, so that there
 * is something by which to lay the rest, then back to front and left to right; what is nested just before what holds
 * it. What goes in at one go is one step: all that fills one hollow, and like beside like.
 */
final class Steps
{
    /** What lies no further apart, in tenths of a millimetre, is laid side by side. */
    private const BESIDE = 20;

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
                -$at->l * $at->w,
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
            $with = self::sameMove($placement, array_slice($placements, 0, $index));
            $placements[$index] = $placement->withStep($with->step ?? ++$step);
        }
        $numbered = [...$pinned, ...$placements];
        usort($numbered, static fn (Placement $one, Placement $other): int => $one->step <=> $other->step);

        return $numbered;
    }

    /**
     * The one before with which a piece goes in at one go: what goes into the same hollow, or lies beside its like.
     *
     * @param  list<Placement>  $before
     */
    private static function sameMove(Placement $placement, array $before): ?Placement
    {
        foreach (array_reverse($before) as $other) {
            $isSame = $placement->in === null
                ? self::isLike($placement, $other) && self::touches($placement->parts[0], $other->parts[0])
                : $placement->in === $other->in;
            if ($isSame) {
                return $other;
            }
        }

        return null;
    }

    private static function isLike(Placement $one, Placement $other): bool
    {
        [$mine, $that] = [$one->parts[0], $other->parts[0]];

        return $other->in === null
            && Item::idOf($one->id) === Item::idOf($other->id)
            && count($one->parts) === 1 && count($other->parts) === 1
            && $one->angle == 0.0 && $other->angle == 0.0
            && [$mine->z, $mine->l, $mine->w, $mine->h] === [$that->z, $that->l, $that->w, $that->h];
    }

    /** Determine if two blocks at one level lie side by side. */
    private static function touches(Part $one, Part $other): bool
    {
        $gapX = max($one->x, $other->x) - min($one->x + $one->l, $other->x + $other->l);
        $gapY = max($one->y, $other->y) - min($one->y + $one->w, $other->y + $other->w);

        return max($gapX, $gapY) <= self::BESIDE && min($gapX, $gapY) < 0;
    }
}
