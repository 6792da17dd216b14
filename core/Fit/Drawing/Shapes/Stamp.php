<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Drawing\Shapes;

/** Where a thing's own small drawing, of 24 by 24 units, lies on the largest side of it that is seen. */
final class Stamp
{
    /** So much of the shorter side of a face it takes; and no more than so many tenths of a millimetre. */
    private const SHARE = 0.66;

    private const LARGEST = 760.0;

    /** Smaller than so many tenths of a millimetre nobody would know it. */
    private const LEAST = 190.0;

    /**
     * @return array{float, float, float, float, float, float}|null the six figures of a transform on paper; null where
     *     no face is large enough
     */
    public static function on(Stand $stand): ?array
    {
        [$l, $w, $h] = $stand->sides;
        $faces = [[$l * $w * 0.9, $l, $w, 2], [$l * $h * 0.75, $l, $h, 1], [$w * $h * 0.6, $w, $h, 0]];
        usort($faces, static fn (array $one, array $other): int => $other[0] <=> $one[0]);
        [, $across, $down, $axis] = $faces[0];
        $size = min(self::LARGEST, self::SHARE * min($across, $down));
        if ($size < self::LEAST || $stand->prism->isTurned) {
            return null;
        }
        $at = match ($axis) {
            0 => static fn (float $u, float $v): array => $stand->at(1, $u, 1 - $v),
            1 => static fn (float $u, float $v): array => $stand->at($u, 0, 1 - $v),
            default => static fn (float $u, float $v): array => $stand->at($u, 1 - $v, 1),
        };
        [$ox, $oy] = $at(0.5 - $size / $across / 2, 0.5 - $size / $down / 2);
        [$ux, $uy] = $at(0.5 + $size / $across / 2, 0.5 - $size / $down / 2);
        [$vx, $vy] = $at(0.5 - $size / $across / 2, 0.5 + $size / $down / 2);

        return [($ux - $ox) / 24, ($uy - $oy) / 24, ($vx - $ox) / 24, ($vy - $oy) / 24, $ox, $oy];
    }
}
