<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Filling;

use Closure;

/** Of many the few that matter most where money and room are short. */
final class Extremes
{
    /**
     * @template T
     *
     * @param  non-empty-list<T>  $all  the best first
     * @param  Closure(T): float  $cost
     * @param  Closure(T): float  $bulk
     * @return list<T> the best, the cheapest and the smallest, each once
     */
    public static function of(array $all, Closure $cost, Closure $bulk): array
    {
        $at = [0, self::least($all, $cost), self::least($all, $bulk)];

        return array_values(array_intersect_key($all, array_flip($at)));
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $all
     * @param  Closure(T): float  $measure
     */
    private static function least(array $all, Closure $measure): int
    {
        $measures = array_map($measure, $all);

        return (int) array_search(min($measures), $measures, true);
    }
}
