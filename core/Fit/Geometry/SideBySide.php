<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Geometry;

use PluckyWren\Core\Fit\Part;

/** Determines if one block lies beside another: near it, along a good part of it, and at a level with some of it. */
final class SideBySide
{
    /** What lies no further apart, in tenths of a millimetre, is near. An estimate of what one would call beside. */
    public const NEAR = 150;

    /** Blocks may run into one another by so much, in tenths of a millimetre. */
    private const TOUCHING = 6;

    /** The least share of the shorter side along which they lie beside each other, and not corner to corner. */
    private const ALONGSIDE = 0.5;

    public static function fromLeftToRight(Part $left, Part $right): bool
    {
        return self::isNear(self::gapAcross($left, $right))
            && self::shared($left->y, $left->w, $right->y, $right->w) >= self::ALONGSIDE * min($left->w, $right->w)
            && self::areLevel($left, $right);
    }

    public static function fromFrontToBack(Part $front, Part $back): bool
    {
        return self::isNear(self::gapDeep($front, $back))
            && self::shared($front->x, $front->l, $back->x, $back->l) >= self::ALONGSIDE * min($front->l, $back->l)
            && self::areLevel($front, $back);
    }

    /**
     * How far apart two are that lie side by side in any direction, in tenths of a millimetre; null where they do not.
     */
    public static function gap(Part $one, Part $other): ?int
    {
        return match (true) {
            self::fromLeftToRight($one, $other) => self::gapAcross($one, $other),
            self::fromLeftToRight($other, $one) => self::gapAcross($other, $one),
            self::fromFrontToBack($one, $other) => self::gapDeep($one, $other),
            self::fromFrontToBack($other, $one) => self::gapDeep($other, $one),
            default => null,
        };
    }

    private static function gapAcross(Part $left, Part $right): int
    {
        return $right->x - $left->x - $left->l;
    }

    private static function gapDeep(Part $front, Part $back): int
    {
        return $back->y - $front->y - $front->w;
    }

    private static function isNear(int $gap): bool
    {
        return $gap >= -self::TOUCHING && $gap <= self::NEAR;
    }

    private static function areLevel(Part $one, Part $other): bool
    {
        return self::shared($one->z, $one->h, $other->z, $other->h) > 0;
    }

    private static function shared(int $from, int $side, int $otherFrom, int $otherSide): int
    {
        return max(0, min($from + $side, $otherFrom + $otherSide) - max($from, $otherFrom));
    }
}
