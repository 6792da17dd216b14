<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Drawing;

/** Along which of its sides, 0 to 2, a thing is drawn, and said, to point; the first of those that are alike. */
final class Axis
{
    /** @param array{float, float, float} $sides in any one unit */
    public static function longest(array $sides): int
    {
        return (int) array_search(max($sides), $sides, true);
    }

    /**
     * The axis of a round thing: the side that the other two are least unlike each other without.
     *
     * @param  array{float, float, float}  $sides  in any one unit
     */
    public static function round(array $sides): int
    {
        [$l, $w, $h] = $sides;
        $unlike = [abs($w - $h), abs($l - $h), abs($l - $w)];

        return (int) array_search(min($unlike), $unlike, true);
    }
}
