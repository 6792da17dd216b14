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

    /** The highest top of what gives nothing. */
    private int $highest = 0;

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
        $firm = [];
        foreach ($placements as $placement) {
            if ($placement->isNested()) {
                continue;
            }
            foreach ($placement->parts as $part) {
                if ($placement->angle == 0.0 && $items[$placement->id]->form->keepsItsSides()) {
                    $firm[] = $part;
                } else {
                    $columns->add($part, $placement->angle, $items[$placement->id]);
                }
            }
        }
        array_map($columns->addFirm(...), $firm);

        return $columns->closure();
    }

    /** What gives nothing matters by its top alone: in the columns where something gives, and once for all others. */
    private function addFirm(Part $part): void
    {
        $firstX = max(0, (int) ceil(($part->x - self::COLUMN / 2) / self::COLUMN));
        $firstY = max(0, (int) ceil(($part->y - self::COLUMN / 2) / self::COLUMN));
        $lastX = (int) floor((min($part->x + $part->l, $this->box->topLength - 1) - self::COLUMN / 2) / self::COLUMN);
        $lastY = (int) floor((min($part->y + $part->w, $this->box->topWidth - 1) - self::COLUMN / 2) / self::COLUMN);
        $top = $part->top();
        if ($firstX > $lastX || $firstY > $lastY) {
            return;
        }
        $this->highest = max($this->highest, $top);
        for ($i = $this->given === [] ? $lastX + 1 : $firstX; $i <= $lastX; $i++) {
            for ($j = $firstY; $j <= $lastY; $j++) {
                $key = $i * 1000 + $j;
                if (isset($this->tops[$key]) && $this->tops[$key] < $top) {
                    $this->tops[$key] = $top;
                }
            }
        }
    }

    private function add(Part $part, float $angle, Item $item): void
    {
        [$rest, $least] = RestHeights::of($part, $item);
        $footprint = $angle == 0.0 ? null : Footprint::of($part, $angle);
        [$fromX, $fromY, $toX, $toY] = $footprint?->bounds()
            ?? [$part->x, $part->y, $part->x + $part->l, $part->y + $part->w];
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
        $press = 0.0;
        $dome = max(0, $this->highest - $this->box->height);
        $proud = (float) $dome;
        foreach ($this->tops as $key => $top) {
            $proud = max($proud, $top + $this->given[$key] - $this->box->height);
            $press = max($press, $this->could[$key] > 0.01 ? min(1.0, $this->given[$key] / $this->could[$key]) : 0.0);
            $dome = max($dome, $top - $this->box->height);
        }

        return Closure::measured($proud / 10, $press, $dome / 10, $this->box->bulge / 10);
    }
}
