<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Check;

/**
 * How much of one outline others cover together, counted once where they overlap. Exact: between two crossings the
 * sides are straight.
 */
final class PlanArea
{
    /** @param list<Solid> $others */
    public static function shareCovered(Solid $solid, array $others): float
    {
        if ($others === []) {
            return 0.0;
        }
        $cuts = self::cuts([$solid, ...$others]);
        $covered = $whole = 0.0;
        foreach (array_slice($cuts, 1) as $i => $to) {
            $x = ($cuts[$i] + $to) / 2;
            $reach = self::reachAt($solid, $x);
            if ($reach === null) {
                continue;
            }
            $whole += ($reach[1] - $reach[0]) * ($to - $cuts[$i]);
            $covered += self::joined($reach, $others, $x) * ($to - $cuts[$i]);
        }

        return $whole > 0 ? $covered / $whole : 0.0;
    }

    /**
     * Every x at which a corner stands or two sides cross.
     *
     * @param  list<Solid>  $solids
     * @return list<float>
     */
    private static function cuts(array $solids): array
    {
        $sides = [];
        $cuts = [];
        foreach ($solids as $solid) {
            foreach ($solid->corners as $i => $corner) {
                $sides[] = [$corner, $solid->corners[($i + 1) % 4]];
                $cuts[] = $corner[0];
            }
        }
        foreach ($sides as $i => [[$ax, $ay], [$bx, $by]]) {
            foreach (array_slice($sides, $i + 1) as [[$cx, $cy], [$dx, $dy]]) {
                $cross = ($bx - $ax) * ($dy - $cy) - ($by - $ay) * ($dx - $cx);
                if (abs($cross) > 1e-9) {
                    $share = (($cx - $ax) * ($dy - $cy) - ($cy - $ay) * ($dx - $cx)) / $cross;
                    $cuts[] = $share > 0 && $share < 1 ? $ax + $share * ($bx - $ax) : $ax;
                }
            }
        }
        sort($cuts);

        return array_values(array_unique($cuts));
    }

    /** @return array{float, float}|null the outline's least and most y at $x */
    private static function reachAt(Solid $solid, float $x): ?array
    {
        $ys = [];
        foreach ($solid->corners as $i => [$ax, $ay]) {
            [$bx, $by] = $solid->corners[($i + 1) % 4];
            if (($ax - $x) * ($bx - $x) < 0) {
                $ys[] = $ay + ($x - $ax) / ($bx - $ax) * ($by - $ay);
            }
        }

        return count($ys) < 2 ? null : [min($ys), max($ys)];
    }

    /**
     * @param  array{float, float}  $reach
     * @param  list<Solid>  $others
     */
    private static function joined(array $reach, array $others, float $x): float
    {
        $reaches = [];
        foreach ($others as $other) {
            $at = self::reachAt($other, $x);
            if ($at !== null) {
                $reaches[] = [max($at[0], $reach[0]), min($at[1], $reach[1])];
            }
        }
        sort($reaches);
        $sum = 0.0;
        $end = $reach[0];
        foreach ($reaches as [$from, $to]) {
            $sum += max(0.0, $to - max($from, $end));
            $end = max($end, $to);
        }

        return $sum;
    }
}
