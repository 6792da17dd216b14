<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Geometry\Standing;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;

/**
 * Which flat things lie side by side on the floor of a box, so that as much of it as possible is covered: reckoned once
 * for all attempts, as it is the same in each. What is as thin as paper may have its end bent up the wall. A lying
 * piece is its id, x1, y1, x2, y2 and how far it is bent up at the right and at the back, in tenths of a millimetre.
 *
 * @phpstan-type Lying array{string, int, int, int, int, int, int}
 */
final class FloorPlan
{
    /** So many arrangements are looked at, those that begin with the broadest first. */
    private const LOOKED_AT = 1_500;

    /** More flat things than so many never lie on one floor. */
    private const FLATS = 7;

    /** So much of a side at least stays lying where the rest is bent up a wall: an estimate of what looks well. */
    private const STAYS_FLAT = 0.8;

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
        $this->lay($flats, [], $this->taken, 0);
        // What is bent has to be as long as the others leave room.
        usort($flats, static fn (Item $one, Item $other): int => self::bends($one) <=> self::bends($other));
        $this->lookedAt = 0;
        $this->lay($flats, [], $this->taken, 0);
    }

    /** How much of the floor is covered, in square tenths of a millimetre. */
    public function covered(): int
    {
        return $this->mostCovered;
    }

    /**
     * Determine if a packing covers less of the floor with what could be laid there.
     *
     * @param  list<Placement>  $placements
     */
    public function coversMoreThan(array $placements): bool
    {
        $covered = 0;
        foreach ($placements as $placement) {
            $item = $this->items[$placement->id] ?? null;
            $part = $placement->parts[0];
            $lies = $placement->in === null && $part->z === 0 && $part->h === $item?->size->sides()[2];
            $covered += $lies ? $part->l * $part->w : 0;
        }

        return $covered < $this->mostCovered;
    }

    /**
     * @param  int  $number  of the attempt: of four, each has it mirrored another way
     * @return array<string, array{0: Part, 1?: Part}> what lies, and what of it is bent up a wall, by the piece's id
     */
    public function parts(int $number): array
    {
        $mirrored = $this->taken === [] ? $number % 4 : 0;
        $parts = [];
        foreach ($this->best as [$id, $x1, $y1, $x2, $y2, $right, $back]) {
            $thin = $this->items[$id]->size->sides()[2];
            $blocks = [[$x1, $y1, $x2, $y2, $thin]];
            if ($right > 0) {
                $blocks[] = [$x2, $y1, $x2 + $thin, $y2, $right];
            } elseif ($back > 0) {
                $blocks[] = [$x1, $y2, $x2, $y2 + $thin, $back];
            }
            $parts[$id] = array_map(fn (array $block): Part => $this->mirrored($block, $mirrored), $blocks);
        }

        return $parts;
    }

    /** @param array{int, int, int, int, int} $block x1, y1, x2, y2 and its height */
    private function mirrored(array $block, int $way): Part
    {
        [$x1, $y1, $x2, $y2, $high] = $block;

        return new Part(
            $way % 2 === 1 ? $this->box->topLength - $x2 : $x1,
            $way >= 2 ? $this->box->topWidth - $y2 : $y1,
            0,
            $x2 - $x1,
            $y2 - $y1,
            $high,
        );
    }

    /**
     * Lay the first of what is left in every place where it goes, or leave it out, and go on with the others.
     *
     * @param  list<Item>  $flats
     * @param  list<Lying>  $lying
     * @param  list<array{int, int, int, int}>  $taken  what they and whatever stands there take of the floor
     */
    private function lay(array $flats, array $lying, array $taken, int $covered): void
    {
        if ($covered > $this->mostCovered) {
            [$this->mostCovered, $this->best] = [$covered, $lying];
        }
        $atMost = $covered;
        foreach ($flats as $flat) {
            $atMost += self::area($flat);
        }
        if ($flats === [] || $atMost <= $this->mostCovered || $this->lookedAt++ > self::LOOKED_AT) {
            return;
        }
        $flat = $flats[0];
        $flats = array_slice($flats, 1);
        $thin = $flat->size->sides()[2];
        foreach ($this->places($flat, $taken) as [$x1, $y1, $x2, $y2, $right, $back]) {
            $this->lay(
                $flats,
                [...$lying, [$flat->id, $x1, $y1, $x2, $y2, $right, $back]],
                [...$taken, [$x1, $y1, $x2 + ($right > 0 ? $thin : 0), $y2 + ($back > 0 ? $thin : 0)]],
                $covered + ($x2 - $x1) * ($y2 - $y1),
            );
        }
        $this->lay($flats, $lying, $taken, $covered);
    }

    /**
     * @param  list<array{int, int, int, int}>  $taken
     * @return list<array{int, int, int, int, int, int}> where a piece might lie beside others, whole before bent
     */
    private function places(Item $flat, array $taken): array
    {
        [$long, $broad, $thin] = $flat->size->sides();
        [$fx1, $fy1, $fx2, $fy2] = $this->box->freeBetween(0, $thin);
        $xs = array_unique([$fx1, ...array_column($taken, 2)]);
        $ys = array_unique([$fy1, ...array_column($taken, 3)]);
        $bends = self::bends($flat);
        $whole = $bent = [];
        foreach ([[$long, $broad], [$broad, $long]] as [$l, $w]) {
            foreach ($xs as $x) {
                foreach ($ys as $y) {
                    if ($x < $fx1 || $y < $fy1) {
                        continue;
                    }
                    if ($x + $l > $fx2 || $y + $w > $fy2) {
                        array_push($bent, ...($bends ? $this->bent($x, $y, $l, $w, $thin, $taken) : []));
                    } elseif (self::isFree($taken, $x, $y, $x + $l, $y + $w)) {
                        $whole[] = [$x, $y, $x + $l, $y + $w, 0, 0];
                    }
                }
            }
        }

        return [...$whole, ...$bent];
    }

    /**
     * @param  list<array{int, int, int, int}>  $taken
     * @return list<array{int, int, int, int, int, int}> what lies, with the end bent up the right or the back wall
     */
    private function bent(int $x, int $y, int $l, int $w, int $thin, array $taken): array
    {
        $rises = (int) floor((1 - self::STAYS_FLAT) * max($l, $w));
        // A box that narrows upwards holds what stands to a shorter floor.
        [$fx1, $fy1, $fx2, $fy2] = $this->box->freeBetween(0, $rises);
        [$x, $y] = [max($x, $fx1), max($y, $fy1)];
        $along = $fx2 - $thin - $x;
        $across = $fy2 - $thin - $y;
        $bendsAlong = $y + $w <= $fy2 && $along < $l - $thin && $along >= self::STAYS_FLAT * $l
            && self::isFree($taken, $x, $y, $fx2, $y + $w);
        $bendsAcross = $x + $l <= $fx2 && $across < $w - $thin && $across >= self::STAYS_FLAT * $w
            && self::isFree($taken, $x, $y, $x + $l, $fy2);

        return [
            ...($bendsAlong ? [[$x, $y, $x + $along, $y + $w, $l - $along, 0]] : []),
            ...($bendsAcross ? [[$x, $y, $x + $l, $y + $across, 0, $w - $across]] : []),
        ];
    }

    /** @param list<array{int, int, int, int}> $around */
    private static function isFree(array $around, int $x1, int $y1, int $x2, int $y2): bool
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

    private static function bends(Item $item): bool
    {
        return $item->bends() && $item->size->sides()[2] <= Item::BENDS_TENTHS;
    }

    private static function area(Item $item): int
    {
        [$long, $broad] = $item->size->sides();

        return $long * $broad;
    }
}
