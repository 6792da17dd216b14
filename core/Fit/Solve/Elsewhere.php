<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;

/** Where else a piece could go as things stand, and be carried there. */
final class Elsewhere
{
    /**
     * @param  Problem  $problem  what is in is pinned
     * @param  int  $below  the level that it may not reach, in tenths of a millimetre
     * @return list<Placement> one of each way it may lie, the lowest first, each with the step after what is in
     */
    public static function placements(Problem $problem, Item $item, Part $refused, int $below): array
    {
        $asItLies = new AsItLies($problem);
        $placements = [];
        foreach (AsItLies::turns($item) as $sides) {
            $part = self::first($asItLies, $item, $sides, $refused, $below);
            if ($part !== null) {
                $placements[] = $asItLies->placement($item, $part);
            }
        }
        usort($placements, static fn (Placement $one, Placement $other): int => $one->parts[0]->top()
            <=> $other->parts[0]->top());

        return $placements;
    }

    /** @param array{int, int, int} $sides */
    private static function first(AsItLies $asItLies, Item $item, array $sides, Part $refused, int $below): ?Part
    {
        foreach ($asItLies->parts($item, $sides, $below) as $part) {
            if (! self::isSame($part, $refused)) {
                return $part;
            }
        }

        return null;
    }

    /** As good as the place that it did not go into: over more than half of it. */
    private static function isSame(Part $part, Part $refused): bool
    {
        $along = min($part->x + $part->l, $refused->x + $refused->l) - max($part->x, $refused->x);
        $across = min($part->y + $part->w, $refused->y + $refused->w) - max($part->y, $refused->y);

        return $part->z === $refused->z && $part->h === $refused->h
            && max(0, $along) * max(0, $across) > $part->l * $part->w / 2;
    }
}
