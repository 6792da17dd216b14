<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit;

use PluckyWren\Core\Fit\Geometry\Footprint;

/** Where a piece lies, as one packer would tell another: left or right, front or back, on the floor or on something. */
final readonly class Whereabouts
{
    private function __construct(public Reach $leftToRight, public Reach $frontToBack, public bool $isOnFloor) {}

    public static function of(Placement $placement, BoxShape $box): self
    {
        $bounds = array_map(
            static fn (Part $part): array => Footprint::of($part, $placement->angle)->bounds(),
            $placement->parts,
        );
        [$fromX, $fromY] = [min(array_column($bounds, 0)), min(array_column($bounds, 1))];
        [$toX, $toY] = [max(array_column($bounds, 2)), max(array_column($bounds, 3))];

        return new self(
            Reach::between($fromX, $toX, $box->topLength),
            Reach::between($fromY, $toY, $box->topWidth),
            $placement->parts[0]->z === 0,
        );
    }
}
