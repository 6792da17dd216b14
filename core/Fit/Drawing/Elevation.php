<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Drawing;

use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Geometry\Footprint;
use PluckyWren\Core\Fit\Placement;

/** The box seen straight from the front, back things first: a silhouette of each part, in millimetres, z upwards. */
final readonly class Elevation
{
    /**
     * @param  list<array{piece: string, x: float, z: float, l: float, h: float}>  $blocks
     * @param  array{array{float, float}, array{float, float}, array{float, float}, array{float, float}}  $walls  rim,
     *     floor, floor, rim; x and z
     */
    private function __construct(public array $blocks, public array $walls) {}

    /** @param list<Placement> $placements */
    public static function of(BoxShape $box, array $placements): self
    {
        $blocks = [];
        foreach ($placements as $placement) {
            foreach ($placement->isNested() ? [] : $placement->parts as $part) {
                [$x1, $y1, $x2] = Footprint::of($part, $placement->angle)->bounds();
                $blocks[] = [
                    'y' => $y1,
                    'piece' => $placement->id,
                    'x' => round($x1 / 10, 1),
                    'z' => $part->z / 10,
                    'l' => round(($x2 - $x1) / 10, 1),
                    'h' => $part->h / 10,
                ];
            }
        }
        // Parts that overlap in this view are parted in depth, so the near side alone decides.
        usort($blocks, static fn (array $one, array $other): int => $other['y'] <=> $one['y']);

        [$inset] = $box->insetAt(0);
        [$length, $height, $in] = [$box->topLength / 10.0, $box->height / 10.0, $inset / 10.0];

        return new self(
            array_map(
                static fn (array $block): array => [
                    'piece' => $block['piece'],
                    'x' => $block['x'],
                    'z' => $block['z'],
                    'l' => $block['l'],
                    'h' => $block['h'],
                ],
                $blocks,
            ),
            [[0.0, $height], [$in, 0.0], [$length - $in, 0.0], [$length, $height]],
        );
    }

    /** Of the opening, in millimetres. */
    public function length(): float
    {
        return $this->walls[3][0];
    }

    /** Of the rim, where the lid line runs, in millimetres. */
    public function height(): float
    {
        return $this->walls[0][1];
    }

    /** The highest level that anything reaches, in millimetres. */
    public function top(): float
    {
        return max([0.0, ...array_map(static fn (array $block): float => $block['z'] + $block['h'], $this->blocks)]);
    }
}
