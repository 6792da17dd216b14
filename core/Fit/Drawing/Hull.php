<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Drawing;

/** The outline of points on paper: the shortest line round all of them. */
final class Hull
{
    /**
     * @param  non-empty-list<array{float, float}>  $points
     * @return non-empty-list<array{float, float}> anticlockwise as numbers go, by Andrew's monotone chain
     */
    public static function of(array $points): array
    {
        usort($points, static fn (array $a, array $b): int => $a <=> $b);
        $halves = [];
        foreach ([$points, array_reverse($points)] as $way) {
            $half = [];
            foreach ($way as $point) {
                while (($count = count($half)) > 1 && self::turn($half[$count - 2], $half[$count - 1], $point) <= 0) {
                    array_pop($half);
                }
                $half[] = $point;
            }
            array_pop($half);
            array_push($halves, ...$half);
        }

        return $halves === [] ? [$points[0]] : $halves;
    }

    /**
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     * @param  array{float, float}  $c
     */
    private static function turn(array $a, array $b, array $c): float
    {
        return ($b[0] - $a[0]) * ($c[1] - $a[1]) - ($b[1] - $a[1]) * ($c[0] - $a[0]);
    }
}
