<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Drawing;

use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;

/** A packing looked at from another side: the box turned on the table by quarters, anticlockwise seen from above. */
final readonly class QuarterTurn
{
    public int $quarters;

    public function __construct(int $quarters)
    {
        $this->quarters = (($quarters % 4) + 4) % 4;
    }

    public function box(BoxShape $box): BoxShape
    {
        return $this->quarters % 2 === 0
            ? $box
            : new BoxShape(
                $box->name,
                $box->topWidth,
                $box->topLength,
                $box->floorWidth,
                $box->floorLength,
                $box->height,
                $box->bulge,
            );
    }

    /**
     * @param  list<Placement>  $placements
     * @return list<Placement>
     */
    public function placements(BoxShape $box, array $placements): array
    {
        return array_map(fn (Placement $placement): Placement => $placement->isNested() ? $placement : new Placement(
            $placement->id, $placement->step, null, $placement->how, $placement->angle,
            array_map(fn (Part $part): Part => $this->part($box, $part), $placement->parts),
        ), $placements);
    }

    /** A part's own angle stays: its sides change places, and it is turned by as much about its middle. */
    private function part(BoxShape $box, Part $part): Part
    {
        $toRight = $box->topLength - $part->x - $part->l;
        $toBack = $box->topWidth - $part->y - $part->w;

        return match ($this->quarters) {
            1 => new Part($toBack, $part->x, $part->z, $part->w, $part->l, $part->h),
            2 => new Part($toRight, $toBack, $part->z, $part->l, $part->w, $part->h),
            3 => new Part($part->y, $toRight, $part->z, $part->w, $part->l, $part->h),
            default => $part,
        };
    }
}
