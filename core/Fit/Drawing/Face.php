<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Drawing;

/** One side of a piece on paper. */
final readonly class Face
{
    /** @var array{float, float, float, float} left, top, right, bottom */
    private array $bounds;

    /** @var list<array{float, float, float}> for each side, what tells how far within it x, y lies: x, y and 1 times */
    private array $within;

    /**
     * @param  'top'|'front'|'side'  $tone  how the light falls on it
     * @param  non-empty-list<array{float, float}>  $points  right and down, in drawing units; the corners of a convex
     *     outline, either way round
     * @param  list<array{array{float, float}, array{float, float}}>  $edges  those of its sides that are real edges
     * @param  list<array{array{float, float}, array{float, float}}>  $marks  folds or pages
     */
    public function __construct(
        public string $tone,
        public array $points,
        public array $edges,
        public array $marks = [],
    ) {
        [$across, $down] = [array_column($points, 0), array_column($points, 1)];
        $this->bounds = [min($across), min($down), max($across), max($down)];
        $this->within = self::sides($points);
    }

    /** Determine if a point on paper lies within it, with a margin all round. */
    public function holds(float $x, float $y, float $margin = 0.0): bool
    {
        foreach ($this->within as [$byX, $byY, $offset]) {
            if ($byX * $x + $byY * $y + $offset < $margin) {
                return false;
            }
        }

        return true;
    }

    /** Determine if a circle on paper touches it. */
    public function touches(float $x, float $y, float $radius): bool
    {
        [$left, $top, $right, $bottom] = $this->bounds;
        if ($x + $radius < $left || $x - $radius > $right || $y + $radius < $top || $y - $radius > $bottom) {
            return false;
        }
        $least = INF;
        foreach ($this->within as [$byX, $byY, $offset]) {
            $least = min($least, $byX * $x + $byY * $y + $offset);
        }
        // Only around a corner may a circle that reaches over every side still miss it.
        if ($least >= 0 || $least < -$radius) {
            return $least >= 0;
        }
        for ($turn = 0; $turn < 8; $turn++) {
            if ($this->holds($x + $radius * cos($turn * M_PI / 4), $y + $radius * sin($turn * M_PI / 4))) {
                return true;
            }
        }

        return false;
    }

    /** @return array{float, float} */
    public function centre(): array
    {
        $count = count($this->points);

        return [array_sum(array_column($this->points, 0)) / $count, array_sum(array_column($this->points, 1)) / $count];
    }

    /**
     * @param  non-empty-list<array{float, float}>  $points
     * @return list<array{float, float, float}>
     */
    private static function sides(array $points): array
    {
        [$fromX, $fromY] = $points[count($points) - 1];
        [$twiceTheArea, $sides] = [0.0, []];
        foreach ($points as [$x, $y]) {
            $twiceTheArea += $fromX * $y - $x * $fromY;
            $length = hypot($x - $fromX, $y - $fromY);
            if ($length >= 0.001) {
                [$byX, $byY] = [($fromY - $y) / $length, ($x - $fromX) / $length];
                $sides[] = [$byX, $byY, -$byX * $x - $byY * $y];
            }
            [$fromX, $fromY] = [$x, $y];
        }

        // Run through the other way round, what lies within has the other sign.
        return $twiceTheArea >= 0
            ? $sides
            : array_map(static fn (array $side): array => [-$side[0], -$side[1], -$side[2]], $sides);
    }
}
