<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Rules\Age;

use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Stash\Shape;

/**
 * The cylinder that stands for a small child's throat: 31.7 mm across, its slanted floor 25.4 mm deep on one side and
 * 57.1 mm on the other. A thing goes in where some way of holding it, tilted too, leaves nothing above the edge.
 *
 * Source: US 16 CFR 1501.4, figure 1. This is a caution, no test.
 */
final class SmallPartsCylinder
{
    /** Tenths of a millimetre; the floor falls by as much as the cylinder is wide, so that it slants by one in one. */
    public const RADIUS = 158.5;

    /** How deep it is at its shallow side, in tenths of a millimetre. */
    public const SHALLOW = 254.0;

    /** From the edge over the shallow side to the foot of the deep one, in tenths of a millimetre: none is longer. */
    private const LONGEST = 653.2;

    /** So many cut off a fiftieth of the radius between two of them, on the side of caution. */
    private const POINTS_ON_A_RIM = 16;

    public static function takes(Size $size, Shape $shape): bool
    {
        [$a, $b, $c] = $size->sides();
        if ($shape === Shape::Ball) {
            // A ball of the cylinder's own width rests on the slant with its top just below the edge.
            return $a <= 2 * self::RADIUS;
        }
        // A face both of whose sides are wider than the cylinder goes in nowhere, however it is held.
        if ($a > self::LONGEST || $b > 2 * self::RADIUS) {
            return false;
        }

        // Of all the shadows of a block the one along its longest side has the smallest circle about it.
        if ($shape === Shape::Block && $b ** 2 + $c ** 2 > (2 * self::RADIUS + 1) ** 2) {
            return false;
        }

        return $shape === Shape::Round
            ? TiltedInCylinder::takes(self::rims($a, $b, $c), true)
            : TiltedInCylinder::takes(self::corners($a, $b, $c), false);
    }

    /** @return non-empty-list<array{float, float, float}> the corners of a block about its middle */
    private static function corners(int $a, int $b, int $c): array
    {
        $corners = [];
        foreach ([-0.5, 0.5] as $x) {
            foreach ([-0.5, 0.5] as $y) {
                array_push($corners, [$x * $a, $y * $b, -0.5 * $c], [$x * $a, $y * $b, 0.5 * $c]);
            }
        }

        return $corners;
    }

    /**
     * The two rims of a rod or a disc about its middle, as points on them. Of three sides the two that are nearest each
     * other are its width, and the smaller of them counts.
     *
     * @return non-empty-list<array{float, float, float}>
     */
    private static function rims(int $a, int $b, int $c): array
    {
        $isDisc = $a - $b < $b - $c;
        [$height, $radius] = $isDisc ? [(float) $c, $b / 2.0] : [(float) $a, $c / 2.0];
        $points = [[-$height / 2, $radius, 0.0], [$height / 2, $radius, 0.0]];
        for ($point = 1; $point < self::POINTS_ON_A_RIM; $point++) {
            $angle = 2 * M_PI * $point / self::POINTS_ON_A_RIM;
            [$x, $y] = [$radius * cos($angle), $radius * sin($angle)];
            array_push($points, [-$height / 2, $x, $y], [$height / 2, $x, $y]);
        }

        return $points;
    }
}
