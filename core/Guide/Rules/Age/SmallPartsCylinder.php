<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Rules\Age;

use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Stash\Shape;

/**
 * The cylinder that stands for a small child's throat: 31.7 mm across, its slanted floor 25.4 mm deep on one side and
 * 57.1 mm on the other.
 *
 * Source: US 16 CFR 1501.4, figure 1. A thing is tried standing in each of its ways, pushed to the deep side; not
 * tilted, so a long thin one may go in that we let pass. This is a caution, no test.
 */
final class SmallPartsCylinder
{
    /** Tenths of a millimetre; the floor falls by as much as the cylinder is wide, so that it slants by one in one. */
    private const RADIUS = 158.5;

    private const SHALLOW = 254.0;

    public static function takes(Size $size, Shape $shape): bool
    {
        [$a, $b, $c] = $size->sides();

        return match ($shape) {
            // A ball of the cylinder's own width rests on the slant with its top just below the edge.
            Shape::Ball => $a <= 2 * self::RADIUS,
            Shape::Round => self::takesRod($a, max($b, $c)) || self::takesBlock($a, $b, $c),
            Shape::Block => self::takesBlock($a, $b, $c),
        };
    }

    /** A rod standing: its round foot, pushed to the deep side, reaches back by its own width. */
    private static function takesRod(int $length, int $diameter): bool
    {
        return $diameter <= 2 * self::RADIUS && $length <= self::SHALLOW + 2 * self::RADIUS - $diameter;
    }

    private static function takesBlock(int $a, int $b, int $c): bool
    {
        return self::takesStanding($a, $b, $c) || self::takesStanding($b, $a, $c) || self::takesStanding($c, $a, $b);
    }

    /** A block of some height on a foot of $p by $q, either side of which may lie down the slant. */
    private static function takesStanding(int $height, int $p, int $q): bool
    {
        if ($p ** 2 + $q ** 2 > (2 * self::RADIUS) ** 2) {
            return false;
        }

        return $height <= max(self::depthUnder($p, $q), self::depthUnder($q, $p));
    }

    /** How deep it is under the shallow edge of a foot that lies $along down the slant and $across it. */
    private static function depthUnder(int $along, int $across): float
    {
        $deepEdge = sqrt(self::RADIUS ** 2 - ($across / 2) ** 2);

        return self::SHALLOW + self::RADIUS + $deepEdge - $along;
    }
}
