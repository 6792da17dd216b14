<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Geometry\Standing;
use PluckyWren\Core\Fit\Item;

/**
 * Which flat things lie side by side on the floor of a box, so that as much of it as possible is covered: reckoned once
 * for all attempts, as it is the same in each. A lying piece is its id and x1, y1, x2, y2 in tenths of a millimetre.
 *
 * @phpstan-type Lying array{string, int, int, int, int}
 */
final class FloorPlan
{
    /** So many arrangements are looked at, those that begin with the broadest first. */
    private const LOOKED_AT = 1_500;

    /** More flat things than so many never lie on one floor. */
    private const FLATS = 7;

    /** @var list<Lying> */
    private array $best = [];

    private int $mostCovered = 0;

    private int $lookedAt = 0;

    /** @var list<array{int, int, int, int}> */
    private array $taken = [];

    /** @var array<string, Item> by id */
    private array $items;

    /**
     * @param  list<Item>  $items  all that may be placed
     * @param  list<Standing>  $standing  what is in the box already
     */
    public function __construct(private readonly BoxShape $box, array $items, array $standing)
    {
        $flats = array_filter($items, static fn (Item $item): bool => self::mayBeLaid($item));
        usort($flats, static fn (Item $one, Item $other): int => self::area($other) <=> self::area($one));
        $flats = array_slice($flats, 0, self::FLATS);
        $this->items = array_column($flats, null, 'id');
        foreach ($standing as $one) {
            [$x1, $y1, $x2, $y2] = $one->footprint?->bounds()
                ?? [$one->part->x, $one->part->y, $one->x2, $one->y2];
            $this->taken[] = [(int) floor($x1), (int) floor($y1), (int) ceil($x2), (int) ceil($y2)];
        }
        $this->lay($flats, [], 0);
    }

    /**
     * @param  int  $number  of the attempt: of four, each has it mirrored another way
     * @return array<string, array{int, int, int, int, int, int}> blocks by the id of the piece
     */
    public function blocks(int $number): array
    {
        $mirrored = $this->taken === [] ? $number % 4 : 0;
        $blocks = [];
        foreach ($this->best as [$id, $x1, $y1, $x2, $y2]) {
            if ($mirrored % 2 === 1) {
                [$x1, $x2] = [$this->box->topLength - $x2, $this->box->topLength - $x1];
            }
            if ($mirrored >= 2) {
                [$y1, $y2] = [$this->box->topWidth - $y2, $this->box->topWidth - $y1];
            }
            $blocks[$id] = [$x1, $y1, 0, $x2, $y2, $this->items[$id]->size->sides()[2]];
        }

        return $blocks;
    }

    /**
     * Lay the first of what is left in every place where it goes, or leave it out, and go on with the others.
     *
     * @param  list<Item>  $flats
     * @param  list<Lying>  $lying
     */
    private function lay(array $flats, array $lying, int $covered): void
    {
        if ($covered > $this->mostCovered) {
            [$this->mostCovered, $this->best] = [$covered, $lying];
        }
        if ($flats === [] || $this->lookedAt++ > self::LOOKED_AT) {
            return;
        }
        $flat = array_shift($flats);
        [$long, $broad, $thickness] = $flat->size->sides();
        [$fx1, $fy1, $fx2, $fy2] = $this->box->freeBetween(0, $thickness);
        $around = $this->taken;
        foreach ($lying as [, $x1, $y1, $x2, $y2]) {
            $around[] = [$x1, $y1, $x2, $y2];
        }
        $xs = array_unique([$fx1, ...array_column($around, 2)]);
        $ys = array_unique([$fy1, ...array_column($around, 3)]);
        foreach ([[$long, $broad], [$broad, $long]] as [$l, $w]) {
            foreach ($xs as $x) {
                foreach ($ys as $y) {
                    if ($x >= $fx1 && $y >= $fy1 && $x + $l <= $fx2 && $y + $w <= $fy2
                        && $this->isFree($around, $x, $y, $x + $l, $y + $w)) {
                        $this->lay($flats, [...$lying, [$flat->id, $x, $y, $x + $l, $y + $w]], $covered + $l * $w);
                    }
                }
            }
        }
        $this->lay($flats, $lying, $covered);
    }

    /** @param list<array{int, int, int, int}> $around */
    private function isFree(array $around, int $x1, int $y1, int $x2, int $y2): bool
    {
        foreach ($around as [$ox1, $oy1, $ox2, $oy2]) {
            if ($ox1 < $x2 && $ox2 > $x1 && $oy1 < $y2 && $oy2 > $y1) {
                return false;
            }
        }

        return true;
    }

    /** Determine if it may be laid flat under other things. */
    public static function mayBeLaid(Item $item): bool
    {
        return $item->isFlat() && ! $item->firstSight && ! $item->keepUpright;
    }

    private static function area(Item $item): int
    {
        [$long, $broad] = $item->size->sides();

        return $long * $broad;
    }
}
