<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit;

use PluckyWren\Core\Fit\Geometry\Footprint;

/** Reckons how the lid closes over given placements, over columns of 5 mm of the plan. */
final class ClosureOf
{
    private const COLUMN = 50;

    /** @var array<int, int> the highest top of each column */
    private array $tops = [];

    /** @var array<int, float> how much each column has been pressed */
    private array $given = [];

    /** @var array<int, float> how much each column could give */
    private array $could = [];

    private function __construct(private readonly BoxShape $box) {}

    /**
     * @param  iterable<Placement>  $placements
     * @param  array<string, Item>  $items
     */
    public static function packing(BoxShape $box, iterable $placements, array $items): Closure
    {
        $columns = new self($box);
        foreach ($placements as $placement) {
            if (! $placement->isNested()) {
                foreach ($placement->parts as $part) {
                    $columns->add($part, $placement->angle, $items[$placement->id]);
                }
            }
        }

        return $columns->closure();
    }

    private function add(Part $part, float $angle, Item $item): void
    {
        [$rest, $least] = RestHeights::of($part, $item);
        $footprint = $angle == 0.0 ? null : Footprint::of($part, $angle);
        [$fromX, $fromY, $toX, $toY] = $footprint?->bounds() ?? [$part->x, $part->y, $part->x + $part->l, $part->y + $part->w];
        $firstX = max(0, (int) ceil(($fromX - self::COLUMN / 2) / self::COLUMN));
        $firstY = max(0, (int) ceil(($fromY - self::COLUMN / 2) / self::COLUMN));
        for ($i = $firstX; ($x = $i * self::COLUMN + self::COLUMN / 2) <= $toX && $x < $this->box->topLength; $i++) {
            for ($j = $firstY; ($y = $j * self::COLUMN + self::COLUMN / 2) <= $toY && $y < $this->box->topWidth; $j++) {
                if ($footprint !== null && ! $footprint->holds($x, $y)) {
                    continue;
                }
                $key = $i * 1000 + $j;
                $this->tops[$key] = max($this->tops[$key] ?? 0, $part->top());
                $this->given[$key] = ($this->given[$key] ?? 0.0) + $rest - $part->h;
                $this->could[$key] = ($this->could[$key] ?? 0.0) + $rest - $least;
            }
        }
    }

    private function closure(): Closure
    {
        $proud = $press = 0.0;
        $dome = 0;
        foreach ($this->tops as $key => $top) {
            $proud = max($proud, $top + $this->given[$key] - $this->box->height);
            $press = max($press, $this->could[$key] > 0.01 ? min(1.0, $this->given[$key] / $this->could[$key]) : 0.0);
            $dome = max($dome, $top - $this->box->height);
        }

        return Closure::measured($proud / 10, $press, $dome / 10, $this->box->bulge / 10);
    }
}
