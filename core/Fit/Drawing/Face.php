<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Drawing;

/** One side of a piece on paper. */
final readonly class Face
{
    /** @var array{float, float, float, float} left, top, right, bottom */
    private array $bounds;

    /**
     * @param  'top'|'front'|'side'  $tone  how the light falls on it
     * @param  non-empty-list<array{float, float}>  $points  right and down, in drawing units
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
    }

    /** Determine if a point on paper lies within it, with a margin all round. */
    public function holds(float $x, float $y, float $margin = 0.0): bool
    {
        $sign = 0;
        $count = count($this->points);
        foreach ($this->points as $i => [$fromX, $fromY]) {
            [$toX, $toY] = $this->points[($i + 1) % $count];
            $length = hypot($toX - $fromX, $toY - $fromY);
            if ($length < 0.001) {
                continue;
            }
            $off = (($toX - $fromX) * ($y - $fromY) - ($toY - $fromY) * ($x - $fromX)) / $length;
            if (abs($off) < $margin || ($sign !== 0 && ($off > 0 ? 1 : -1) !== $sign)) {
                return false;
            }
            $sign = $off > 0 ? 1 : -1;
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
        for ($turn = 0; $turn < 8; $turn++) {
            if ($this->holds($x + $radius * cos($turn * M_PI / 4), $y + $radius * sin($turn * M_PI / 4))) {
                return true;
            }
        }

        return $this->holds($x, $y);
    }

    /** @return array{float, float} */
    public function centre(): array
    {
        $count = count($this->points);

        return [array_sum(array_column($this->points, 0)) / $count, array_sum(array_column($this->points, 1)) / $count];
    }
}
