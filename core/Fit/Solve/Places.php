<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;

/** A few places where a thing could be put by hand as things stand, each way that it may lie as low as it goes. */
final class Places
{
    /** Of each way it may lie, so many places are told: the outermost. */
    private const OF_EACH = 2;

    /**
     * @param  Problem  $problem  what is in is pinned
     * @return list<Placement> the lowest first, each with the step after what is in
     */
    public static function for(Problem $problem, Item $item, int $atMost): array
    {
        $asItLies = new AsItLies($problem);
        $placements = [];
        foreach (AsItLies::turns($item) as $sides) {
            foreach (self::outermost(self::parts($asItLies, $item, $sides)) as $part) {
                $placements[] = $asItLies->placement($item, $part);
            }
        }
        usort($placements, static fn (Placement $one, Placement $other): int => [
            $one->parts[0]->top(), -$one->parts[0]->y, $one->parts[0]->x,
        ] <=> [$other->parts[0]->top(), -$other->parts[0]->y, $other->parts[0]->x]);

        return array_slice($placements, 0, $atMost);
    }

    /**
     * @param  array{int, int, int}  $sides
     * @return list<Part> all on the lowest level that has any
     */
    private static function parts(AsItLies $asItLies, Item $item, array $sides): array
    {
        $parts = [];
        $lowest = null;
        foreach ($asItLies->parts($item, $sides) as $z => $part) {
            $lowest ??= $z;
            if ($z !== $lowest) {
                break;
            }
            $parts[] = $part;
        }

        return $parts;
    }

    /**
     * @param  list<Part>  $parts
     * @return list<Part> the first and the last from the back left corner to the front right one
     */
    private static function outermost(array $parts): array
    {
        usort($parts, static fn (Part $one, Part $other): int => [$one->x - $one->y, $one->x]
            <=> [$other->x - $other->y, $other->x]);

        return count($parts) <= self::OF_EACH ? $parts : [$parts[0], $parts[count($parts) - 1]];
    }
}
