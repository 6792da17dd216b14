<?php

declare(strict_types=1);

namespace PluckyWren\Core\Send\Map;

/** Draws together what would overlap on a map: the two closest marks become one, until none overlap. */
final class Marks
{
    /** In the map's units. */
    public const LEAST_RADIUS = 10;

    public const MOST_RADIUS = 30;

    /**
     * @param  array<string, int>  $boxes  how many in each country, by its two letters
     * @param  array<string, array{int, int}>  $points  where a country's mark stands, by its letters
     * @return list<Mark> most boxes first; without countries that the map does not have
     */
    public static function of(array $boxes, array $points): array
    {
        $marks = [];
        foreach (array_intersect_key($boxes, $points) as $country => $count) {
            $marks[] = new Mark([$country => $count], ...$points[$country]);
        }
        while (($pair = self::closest($marks)) !== null) {
            [$one, $other] = $pair;
            $joined = self::joined($marks[$one], $marks[$other]);
            unset($marks[$one], $marks[$other]);
            $marks = [...array_values($marks), $joined];
        }
        usort($marks, static fn (Mark $a, Mark $b): int => [$b->boxes(), $a->x, $a->y] <=> [$a->boxes(), $b->x, $b->y]);

        return $marks;
    }

    /**
     * @param  list<Mark>  $marks
     * @return array{int, int}|null the two that overlap most
     */
    private static function closest(array $marks): ?array
    {
        $closest = null;
        $least = 0.0;
        foreach ($marks as $one => $mark) {
            for ($other = $one + 1; $other < count($marks); $other++) {
                $gap = hypot($mark->x - $marks[$other]->x, $mark->y - $marks[$other]->y)
                    - $mark->radius() - $marks[$other]->radius();
                if ($gap < $least) {
                    $least = $gap;
                    $closest = [$one, $other];
                }
            }
        }

        return $closest;
    }

    /** Between the two, nearer to the one with more boxes. */
    private static function joined(Mark $a, Mark $b): Mark
    {
        $all = $a->boxes() + $b->boxes();
        $countries = $a->countries + $b->countries;
        uksort(
            $countries,
            static fn (string $one, string $other): int => [$countries[$other], $one] <=> [$countries[$one], $other],
        );

        return new Mark(
            $countries,
            (int) round(($a->x * $a->boxes() + $b->x * $b->boxes()) / $all),
            (int) round(($a->y * $a->boxes() + $b->y * $b->boxes()) / $all),
        );
    }
}
