<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit;

/**
 * Where a piece lies between two opposite walls: by the near or left one, by the far or right one, between them, or
 * from one to the other.
 */
enum Reach: string
{
    /** From this share of the way on, a piece runs from wall to wall. */
    private const WHOLE = 0.66;

    /** So near the middle, as a share of the way, it is by neither wall. */
    private const MIDDLE = 0.1;

    case Near = 'near';
    case Middle = 'middle';
    case Far = 'far';
    case Whole = 'whole';

    /** @param int $side the way between the walls, in the same unit */
    public static function between(float $from, float $to, int $side): self
    {
        $centre = ($from + $to) / 2 / $side;

        return match (true) {
            $to - $from >= self::WHOLE * $side => self::Whole,
            $centre < 0.5 - self::MIDDLE => self::Near,
            $centre > 0.5 + self::MIDDLE => self::Far,
            default => self::Middle,
        };
    }
}
