<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit;

use PluckyWren\Core\Fit\Geometry\Standing;

/**
 * How far a packing keeps what is preferred of it: the lead gift in sight, private wear out of sight, and flat things
 * where the order of packing would have them. Shares of areas are between 0 and 1.
 */
final readonly class Kept
{
    /** An order of packing that is kept so far, nobody would call given up; of the fit model's aims. */
    public const WELL = 0.85;

    /** From this share of a piece on, what lies over it hides it; of the fit model. */
    private const HIDES = 0.5;

    /** Of several side by side in a bundle one may be in sight while half of the bundle is not: so much hides all. */
    private const HIDES_ALL = 0.8;

    /**
     * @param  list<string>  $coveredFirstSights  ids of what was to be seen first and has something over half of it
     * @param  list<string>  $seenPrivates  ids of what is private and has nothing over half of it
     * @param  float  $order  the share of the flat pieces' area, up to that of the floor or wall, that lies there
     */
    private function __construct(public array $coveredFirstSights, public array $seenPrivates, public float $order) {}

    /** Determine if all that is to be seen first is seen, and nothing that is private. */
    public function isSeenAsWanted(): bool
    {
        return $this->coveredFirstSights === [] && $this->seenPrivates === [];
    }

    /** @return array{int, int} how much is seen that is private, or not seen that should be; and how much is private */
    public function amiss(): array
    {
        return [count($this->coveredFirstSights) + count($this->seenPrivates), count($this->seenPrivates)];
    }

    /**
     * @param  iterable<Placement>  $placements  all that are in the box
     * @param  array<string, Item>  $items  by id
     */
    public static function in(BoxShape $box, Order $order, iterable $placements, array $items): self
    {
        $standing = self::standing($placements, $items);
        $covered = $seen = [];
        $lies = $flat = 0.0;
        foreach ($standing as $one) {
            if ($one->item->firstSight && self::shareUnder($one, $standing) > self::HIDES) {
                $covered[] = $one->item->id;
            }
            if ($one->item->hidden && self::shareUnder($one, $standing) < self::hides($one)) {
                $seen[] = $one->item->id;
            }
            if ($one->item->isFlat()) {
                [$long, $broad] = $one->item->size->sides();
                $flat += $long * $broad;
                // Of what is bent up a wall, what lies.
                $lies += self::isInOrder($one, $standing, $order, $box)
                    ? min($long * $broad, self::face($one->part))
                    : 0.0;
            }
        }
        $most = $order === Order::FlatsWall ? $box->topLength * $box->height : $box->floorLength * $box->floorWidth;

        return new self($covered, $seen, $flat > 0.0 ? min(1.0, $lies / min($flat, $most)) : 1.0);
    }

    /**
     * What is seen when the lid comes off: whatever has nothing over half of it.
     *
     * @param  iterable<Placement>  $placements
     * @param  array<string, Item>  $items  by id
     * @return list<string> ids, the largest first
     */
    public static function seen(iterable $placements, array $items): array
    {
        $standing = self::standing($placements, $items);
        $seen = array_values(array_filter(
            $standing,
            static fn (Standing $one): bool => self::shareUnder($one, $standing) < self::HIDES,
        ));
        usort($seen, static fn (Standing $one, Standing $other): int => $other->part->l * $other->part->w
            <=> $one->part->l * $one->part->w);

        return array_map(static fn (Standing $one): string => $one->item->id, $seen);
    }

    /**
     * @param  iterable<Placement>  $placements
     * @param  array<string, Item>  $items
     * @return list<Standing>
     */
    private static function standing(iterable $placements, array $items): array
    {
        $standing = [];
        foreach ($placements as $placement) {
            if (! $placement->isNested()) {
                $standing[] = new Standing($placement->parts[0], $placement->angle, $items[$placement->id], false);
            }
        }

        return $standing;
    }

    private static function hides(Standing $one): float
    {
        $areSideBySide = $one->item->blocks !== [] && $one->part->h < 2 * $one->item->leastSide();

        return $areSideBySide ? self::HIDES_ALL : self::HIDES;
    }

    private static function face(Part $part): int
    {
        return intdiv($part->volume(), min($part->l, $part->w, $part->h));
    }

    /** @param list<Standing> $standing */
    private static function isInOrder(Standing $flat, array $standing, Order $order, BoxShape $box): bool
    {
        $thickness = $flat->item->size->sides()[2];

        return match ($order) {
            Order::FlatsFirst => $flat->part->z === 0 && $flat->part->h === $thickness,
            Order::FlatsLast => $flat->part->h === $thickness && self::shareUnder($flat, $standing) <= self::HIDES,
            Order::FlatsWall => $flat->part->w === $thickness
                && $flat->y2 >= $box->freeBetween($flat->part->z, $flat->part->h)[3] - $thickness,
        };
    }

    /**
     * The share of a piece that lies under others, counted once where several lie above each other. What is turned
     * counts as the upright rectangle around it.
     *
     * @param  list<Standing>  $standing
     */
    private static function shareUnder(Standing $one, array $standing): float
    {
        $over = [];
        [$x1, $y1, $x2, $y2] = self::bounds($one);
        $cuts = [$x1, $x2];
        foreach ($standing as $other) {
            [$ox1, $oy1, $ox2, $oy2] = self::bounds($other);
            if (
                $other !== $one && $other->part->z >= $one->top
                    && $ox1 < $x2 && $ox2 > $x1 && $oy1 < $y2 && $oy2 > $y1
            ) {
                $over[] = [max($ox1, $x1), max($oy1, $y1), min($ox2, $x2), min($oy2, $y2)];
                array_push($cuts, max($ox1, $x1), min($ox2, $x2));
            }
        }
        sort($cuts);
        usort($over, static fn (array $a, array $b): int => $a[1] <=> $b[1]);
        $covered = 0.0;
        for ($at = 1; $at < count($cuts); $at++) {
            $end = $y1;
            foreach ($over as [$from, $low, $to, $high]) {
                if ($from <= $cuts[$at - 1] && $to >= $cuts[$at]) {
                    $covered += max(0.0, $high - max($low, $end)) * ($cuts[$at] - $cuts[$at - 1]);
                    $end = max($end, $high);
                }
            }
        }

        return $covered / (($x2 - $x1) * ($y2 - $y1));
    }

    /** @return array{float, float, float, float} */
    private static function bounds(Standing $standing): array
    {
        return $standing->footprint?->bounds()
            ?? [(float) $standing->part->x, (float) $standing->part->y, (float) $standing->x2, (float) $standing->y2];
    }
}
