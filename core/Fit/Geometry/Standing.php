<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Geometry;

use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Part;

/** A part that stands in the pile, with the piece it belongs to. */
final readonly class Standing
{
    public int $x2;

    public int $y2;

    public int $top;

    /** Null where it is not turned, so that the common case stays quick. */
    public ?Footprint $footprint;

    public function __construct(public Part $part, public float $angle, public Item $item, public bool $pinned)
    {
        $this->x2 = $part->x + $part->l;
        $this->y2 = $part->y + $part->w;
        $this->top = $part->z + $part->h;
        $this->footprint = $angle == 0.0 ? null : Footprint::of($part, $angle);
    }

    /** How much of this and of $that share the same place seen from above, in square tenths of a millimetre. */
    public function sharedArea(self $that): float
    {
        if ($this->footprint === null && $that->footprint === null) {
            return (float) max(0, min($this->x2, $that->x2) - max($this->part->x, $that->part->x)) * max(
                0,
                min($this->y2, $that->y2) - max($this->part->y, $that->part->y),
            );
        }

        return ($this->footprint ?? Footprint::of($this->part))->sharedArea(
            $that->footprint ?? Footprint::of($that->part),
        );
    }

    /**
     * The blocks it takes out of the empty spaces: itself, or strips where it is turned.
     *
     * @return list<array{int, int, int, int, int, int}>
     */
    public function taken(): array
    {
        if ($this->footprint === null) {
            return [[$this->part->x, $this->part->y, $this->part->z, $this->x2, $this->y2, $this->top]];
        }
        [$fromX, , $toX] = $this->footprint->bounds();
        $strips = [];
        $width = (int) ceil(($toX - $fromX) / 12);
        for ($x = (int) floor($fromX); $x < $toX; $x += $width) {
            $reach = $this->footprint->reachBetween($x, $x + $width);
            if ($reach !== null) {
                $strips[] = [
                    $x,
                    (int) floor($reach[0]),
                    $this->part->z,
                    $x + $width,
                    (int) ceil($reach[1]),
                    $this->top,
                ];
            }
        }

        return $strips;
    }
}
