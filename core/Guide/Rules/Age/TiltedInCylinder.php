<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Rules\Age;

/**
 * Looks for a way of holding a convex thing in which it lies wholly in the small-parts cylinder: a coarse net of all
 * ways, then from the best of them on by ever smaller turns. All lengths are tenths of a millimetre.
 *
 * A way is three angles: the thing spun about its own longest side, tilted down the slant, and turned about the
 * cylinder's axis. It is the same thing the other way round, and the cylinder is the same to the left as to the right,
 * so half a turn of each is enough.
 */
final class TiltedInCylinder
{
    /** Ways tried of each angle. */
    private const NET = 6;

    /** Ways tried of leaning a round thing, for which one angle is enough. */
    private const FINE_NET = 36;

    /** From so many of the best ways it is looked on. */
    private const BEST = 2;

    /** Turns, in radians, that are halved until they are smaller than the finest. */
    private const FIRST_TURN = 0.22;

    private const FINEST_TURN = 0.002;

    /** What sticks out by no more than this goes in: what we say is a caution. */
    private const TOLERANCE = 1.0;

    /**
     * @param  non-empty-list<array{float, float, float}>  $points  its corners about its middle, longest side first;
     *     for each there is the one right opposite
     * @param  bool  $isRound  about its first side, so that it need not be spun
     */
    public static function takes(array $points, bool $isRound): bool
    {
        [$ways, $spares] = [self::ways($isRound), []];
        foreach ($ways as $way) {
            $spares[] = $spare = self::spare($points, $way, false);
            if ($spare >= -self::TOLERANCE) {
                return true;
            }
        }
        arsort($spares);
        foreach (array_slice($spares, 0, self::BEST, true) as $index => $spare) {
            if (self::goesInAbout($points, $ways[$index], $spare, $isRound)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  non-empty-list<array{float, float, float}>  $points
     * @param  array{float, float, float}  $way
     */
    private static function goesInAbout(array $points, array $way, float $spare, bool $isRound): bool
    {
        // Along an edge of what fits, one angle alone makes it worse while two together make it better.
        $turns = self::turns($isRound);
        for ($step = self::FIRST_TURN; $step > self::FINEST_TURN; $step /= 2) {
            do {
                $isBetter = false;
                foreach ($turns as [$spin, $tilt, $turn]) {
                    $other = [$way[0] + $spin * $step, $way[1] + $tilt * $step, $way[2] + $turn * $step];
                    $then = self::spare($points, $other, ! $isRound);
                    if ($then > $spare) {
                        [$way, $spare, $isBetter] = [$other, $then, true];
                    }
                }
                if ($spare >= -self::TOLERANCE) {
                    return true;
                }
            } while ($isBetter);
        }

        return false;
    }

    /**
     * @return list<array{float, float, float}> the net; a round thing leans down the slant or against it, as it is the
     *     same to the left as to the right
     */
    private static function ways(bool $isRound): array
    {
        $ways = [];
        for ($tilt = 0; $tilt < ($isRound ? self::FINE_NET : self::NET); $tilt++) {
            for ($spin = 0; $spin < ($isRound ? 1 : self::NET); $spin++) {
                for ($turn = 0; $turn < ($isRound ? 1 : self::NET); $turn++) {
                    $ways[] = [
                        M_PI * $spin / self::NET,
                        M_PI * $tilt / ($isRound ? self::FINE_NET : self::NET),
                        M_PI * $turn / self::NET,
                    ];
                }
            }
        }

        return $ways;
    }

    /** @return list<array{int, int, int}> which angles are turned together, and which way */
    private static function turns(bool $isRound): array
    {
        $turns = [];
        foreach ($isRound ? [0] : [-1, 0, 1] as $spin) {
            foreach ([-1, 0, 1] as $tilt) {
                foreach ($isRound ? [0] : [-1, 0, 1] as $turn) {
                    $spin === 0 && $tilt === 0 && $turn === 0 || $turns[] = [$spin, $tilt, $turn];
                }
            }
        }

        return $turns;
    }

    /**
     * How much room is left over when it is held so and pushed to the deep side; below zero where it sticks out.
     *
     * @param  non-empty-list<array{float, float, float}>  $points
     * @param  array{float, float, float}  $way
     * @param  bool  $isClose  whether it is moved aside too
     */
    private static function spare(array $points, array $way, bool $isClose): float
    {
        [$radius, $shallow] = [SmallPartsCylinder::RADIUS, SmallPartsCylinder::SHALLOW];
        [$sinSpin, $cosSpin, $sinTilt, $cosTilt] = [sin($way[0]), cos($way[0]), sin($way[1]), cos($way[1])];
        [$sinTurn, $cosTurn] = [sin($way[2]), cos($way[2])];
        $plan = [];
        $top = $lean = $across = 0.0;
        foreach ($points as [$along, $one, $other]) {
            $y = $one * $cosSpin - $other * $sinSpin;
            $z = $one * $sinSpin + $other * $cosSpin;
            $flat = $along * $cosTilt + $z * $sinTilt;
            $height = $z * $cosTilt - $along * $sinTilt;
            [$x, $y] = [$flat * $cosTurn - $y * $sinTurn, $flat * $sinTurn + $y * $cosTurn];
            $plan[] = [$x, $y];
            $top = max($top, $height);
            $lean = max($lean, -$x - $height);
            $across = max($across, abs($y));
        }
        if ($across > $radius) {
            return $radius - $across - $shallow;
        }
        // Its top level with the edge, it must lie so far to the deep side not to touch the floor.
        $needed = $lean + $top - $shallow - $radius;

        return $isClose
            ? self::mostRoom($plan, $needed, $radius - $across)
            : self::room($plan, $needed, 0.0);
    }

    /**
     * The most room there is between floor and wall when a thing may be moved aside by up to $aside: a concave function
     * of that, so thirds find its top.
     *
     * @param  non-empty-list<array{float, float}>  $plan
     */
    private static function mostRoom(array $plan, float $needed, float $aside): float
    {
        [$from, $to] = [-$aside, $aside];
        while ($to - $from > 3.0) {
            [$one, $other] = [$from + ($to - $from) / 3, $to - ($to - $from) / 3];
            if (self::room($plan, $needed, $one) < self::room($plan, $needed, $other)) {
                $from = $one;
            } else {
                $to = $other;
            }
        }

        return self::room($plan, $needed, ($from + $to) / 2);
    }

    /** @param non-empty-list<array{float, float}> $plan */
    private static function room(array $plan, float $needed, float $aside): float
    {
        [$least, $most] = [$needed, INF];
        foreach ($plan as [$x, $y]) {
            $wall = sqrt(max(0.0, SmallPartsCylinder::RADIUS ** 2 - ($y + $aside) ** 2));
            $least = max($least, -$wall - $x);
            $most = min($most, $wall - $x);
        }

        return $most - $least;
    }
}
