<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Bench;

/** How long the steps that are left will take, from those that were made. */
final class Pace
{
    /** So many of a crew's latest presses are looked at. */
    public const LOOKED_AT = 200;

    /** What a step takes as long as nobody knows better, in seconds. An estimate. */
    private const USUAL_SECONDS = 40;

    /** Quicker nobody packs: two presses for one deed. */
    private const DEED_SECONDS = 3;

    /** Whoever takes longer than this for a step does something else meanwhile. */
    private const PAUSE_SECONDS = 300;

    /**
     * @param  array<array-key, list<int>>  $times  moments of presses in seconds, latest first, a list for each box
     * @return int whole minutes, rounded
     */
    public static function minutes(array $times, int $stepsLeft): int
    {
        $gaps = [];
        foreach ($times as $of) {
            foreach (array_slice($of, 1) as $at => $earlier) {
                $gap = $of[$at] - $earlier;
                if ($gap >= self::DEED_SECONDS && $gap <= self::PAUSE_SECONDS) {
                    $gaps[] = $gap;
                }
            }
        }
        sort($gaps);

        return (int) round($stepsLeft * ($gaps[intdiv(count($gaps), 2)] ?? self::USUAL_SECONDS) / 60);
    }
}
