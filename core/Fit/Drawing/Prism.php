<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Drawing;

use PluckyWren\Core\Fit\Geometry\Footprint;

/**
 * What is drawn of a part: an outline seen from above between two levels; a fragment of one where order asks for it.
 */
final readonly class Prism
{
    /** @var array{float, float, float, float} */
    public array $bounds;

    /**
     * @param  string  $piece  the id of the piece
     * @param  array<string, list<float>>  $cuts  the levels at which it was cut, by axis: no edge is drawn there
     * @param  int  $lostByACut  how much is lost where it is cut in two: nothing at 0
     */
    public function __construct(
        public string $piece,
        public Footprint $footprint,
        public float $low,
        public float $high,
        public bool $isTurned = false,
        public array $cuts = ['x' => [], 'y' => [], 'z' => []],
        public int $lostByACut = 0,
    ) {
        $this->bounds = $footprint->bounds();
    }

    /**
     * Both sides of a cut across one axis, or none where the cut misses it.
     *
     * @return list<self>
     */
    public function cutAt(string $axis, float $level): array
    {
        $cuts = $this->cuts;
        $cuts[$axis][] = $level;
        if ($axis === 'z') {
            return $level > $this->low && $level < $this->high
                ? [
                    new self($this->piece, $this->footprint, $this->low, $level, $this->isTurned, $cuts),
                    new self($this->piece, $this->footprint, $level, $this->high, $this->isTurned, $cuts),
                ]
                : [];
        }
        [$x1, $y1, $x2, $y2] = $this->bounds;
        [$from, $to] = $axis === 'x' ? [$x1, $x2] : [$y1, $y2];
        if ($level <= $from || $level >= $to) {
            return [];
        }
        $halves = $axis === 'x'
            ? [
                [[$x1 - 1, $y1 - 1], [$level, $y1 - 1], [$level, $y2 + 1], [$x1 - 1, $y2 + 1]],
                [[$level, $y1 - 1], [$x2 + 1, $y1 - 1], [$x2 + 1, $y2 + 1], [$level, $y2 + 1]],
            ]
            : [
                [[$x1 - 1, $y1 - 1], [$x2 + 1, $y1 - 1], [$x2 + 1, $level], [$x1 - 1, $level]],
                [[$x1 - 1, $level], [$x2 + 1, $level], [$x2 + 1, $y2 + 1], [$x1 - 1, $y2 + 1]],
            ];
        $fragments = [];
        foreach ($halves as $half) {
            $footprint = $this->footprint->clippedTo(new Footprint($half));
            if ($footprint !== null) {
                $fragments[] = new self($this->piece, $footprint, $this->low, $this->high, $this->isTurned, $cuts);
            }
        }

        return $fragments;
    }

    /** Determine if an edge between two corners of the outline is one of our cuts. */
    public function isCutAlong(float $fromX, float $fromY, float $toX, float $toY): bool
    {
        return self::isNear($this->cuts['x'], $fromX, $toX) || self::isNear($this->cuts['y'], $fromY, $toY);
    }

    public function isCutAt(float $level): bool
    {
        return in_array($level, $this->cuts['z'], true);
    }

    /** @param list<float> $levels */
    private static function isNear(array $levels, float $from, float $to): bool
    {
        return array_filter(
            $levels,
            static fn (float $level): bool => abs($from - $level) < 0.01 && abs($to - $level) < 0.01,
        ) !== [];
    }
}
