<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Geometry\Standing;
use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;

/**
 * A box as it fills, in plain numbers: its empty spaces, and what stands in it. A space and a block are [x1, y1, z1,
 * x2, y2, z2].
 */
final class Room
{
    /** How much of what is to be seen first stays clear: a little more than the model asks. */
    private const CLEAR = 0.52;

    public readonly EmptySpaces $spaces;

    /** @var array<int, int> how many of each kind are left, by its number */
    public array $left;

    /** @var array<int, list<array{int, int, int, int, int, int}>> blocks by the level of their tops */
    private array $tops = [];

    /** @var list<array{int, int, int, int, int, int}> blocks that nothing hard may lie above */
    private array $gentle = [];

    /** @var list<array{int, array{int, int, int, int, int, int}, How}> kind, block and how it lies */
    private array $placed = [];

    /** @var array<int, Part> what of a piece stands up a wall, by its number among what was placed */
    private array $bent = [];

    public function __construct(
        private readonly BoxShape $box,
        private readonly Repertoire $repertoire,
        EmptySpaces $spaces,
        private readonly bool $keepsFirstSightClear,
        private readonly bool $carriesAnything = false,
    ) {
        $this->spaces = $spaces;
        $this->left = array_map(static fn (Kind $kind): int => count($kind->items), $repertoire->kinds);
    }

    /**
     * What is in the box already: nothing goes under what may not move.
     *
     * @param  array{int, int, int, float}  $smallest  the least longest, middle and shortest side of what is to go in,
     *     and the least volume
     */
    public function keep(Standing $standing, array $smallest = [0, 0, 0, 0.0]): void
    {
        foreach ($standing->taken() as $taken) {
            $this->spaces->fill(
                [$taken[0], $taken[1], $standing->pinned ? 0 : $taken[2], $taken[3], $taken[4], $taken[5]],
                $smallest,
            );
            ! $standing->item->gentle || $this->gentle[] = $taken;
        }
        if ($standing->footprint === null) {
            $this->tops[$standing->top][] = [
                $standing->part->x,
                $standing->part->y,
                $standing->part->z,
                $standing->x2,
                $standing->y2,
                $standing->top,
            ];
        }
    }

    public function count(): int
    {
        return count($this->placed);
    }

    /**
     * @param  list<array{int, array{int, int, int, int, int, int}}>  $layout  kinds and blocks
     * @param  array{int, int, int, float}  $smallest  the least longest, middle and shortest side of what is left, and
     *     the least volume
     */
    public function place(array $layout, ?How $how, array $smallest): void
    {
        foreach ($layout as [$kind, $block]) {
            $model = $this->repertoire->kinds[$kind]->model;
            $this->placed[] = [$kind, $block, $how ?? How::standing($block[5] - $block[2], ...$model->size->sides())];
            $this->tops[$block[5]][] = $block;
            ! $model->gentle || $this->gentle[] = $block;
            $this->spaces->fill($block, $smallest);
            // Of what is to be seen first a little more than half keeps clear, unless room is short.
            if ($model->firstSight && $this->keepsFirstSightClear) {
                $this->spaces->fill(self::overHalf($block), $smallest);
            }
        }
    }

    /**
     * Lay a piece of a kind on the floor, and let its end stand up a wall where it is bent.
     *
     * @param  Part|null  $standing  its end
     */
    public function lay(int $kind, Part $lying, ?Part $standing = null): void
    {
        $this->left[$kind]--;
        $this->place([[$kind, $lying->corners()]], $standing === null ? null : How::UpTheWall, [0, 0, 0, 0.0]);
        if ($standing !== null) {
            $this->bent[count($this->placed) - 1] = $standing;
            $this->spaces->fill($standing->corners(), [0, 0, 0, 0.0]);
        }
    }

    /**
     * The corner of the space that is nearest a corner of the box, drawn in where the walls slant inwards.
     *
     * @param  array{int, int, int, int, int, int}  $space
     * @return array{int, int, int}|null
     */
    public function corner(array $space, int $l, int $w, int $h, bool $atTheBack = false): ?array
    {
        [$x1, $y1, $z1, $x2, $y2] = $space;
        if (! $this->box->isStraight()) {
            $free = $this->box->freeBetween($z1, $h);
            [$x1, $y1, $x2, $y2] = [max($x1, $free[0]), max($y1, $free[1]), min($x2, $free[2]), min($y2, $free[3])];
            if ($x2 - $x1 < $l || $y2 - $y1 < $w) {
                return null;
            }
        }

        return [
            $x1 <= $this->box->topLength - $x2 ? $x1 : $x2 - $l,
            ! $atTheBack && $y1 < $this->box->topWidth - $y2 ? $y1 : $y2 - $w,
            $z1,
        ];
    }

    /**
     * Determine if each block of a layout, the lower ones first, would be carried by enough of its underside, and would
     * lie on nothing gentle.
     *
     * @param  list<array{int, array{int, int, int, int, int, int}}>  $layout
     */
    public function carries(array $layout): bool
    {
        foreach ($layout as $at => [$kind, $block]) {
            if (! $this->spares($this->repertoire->kinds[$kind]->model, $block)) {
                return false;
            }
            if ($block[2] <= Pile::CONTACT || $this->carriesAnything) {
                continue;
            }
            $asked = Pile::CARRIED * ($block[3] - $block[0]) * ($block[4] - $block[1]) - $this->touching($block);
            for ($before = 0; $before < $at && $asked > 0; $before++) {
                $asked -= $layout[$before][1][5] === $block[2] ? self::shared($layout[$before][1], $block) : 0;
            }
            if ($asked > 0) {
                return false;
            }
        }

        return true;
    }

    /**
     * Determine if a block would not be something hard above something gentle, however much lies between.
     *
     * @param  array{int, int, int, int, int, int}  $block
     */
    public function spares(Item $item, array $block): bool
    {
        foreach ($this->gentle === [] || ! $item->form->keepsItsSides() ? [] : $this->gentle as $under) {
            if ($under[5] <= $block[2] && self::shared($under, $block) > 0) {
                return false;
            }
        }

        return true;
    }

    /**
     * The share of a block's underside that is carried.
     *
     * @param  array{int, int, int, int, int, int}  $block
     */
    public function carried(array $block): float
    {
        return $block[2] <= Pile::CONTACT
            ? 1.0
            : $this->touching($block) / (($block[3] - $block[0]) * ($block[4] - $block[1]));
    }

    /** @return array{list<Placement>, list<Item>} what was placed, in the order of placing, and what was not */
    public function packed(): array
    {
        $taken = [];
        $placements = [];
        foreach ($this->placed as $at => [$kind, $block, $how]) {
            $taken[$kind] = ($taken[$kind] ?? 0) + 1;
            $item = $this->repertoire->kinds[$kind]->items[$taken[$kind] - 1];
            $part = Part::between($block);
            $placements[] = new Placement(
                $item->id, 1, null, $how, 0.0, isset($this->bent[$at]) ? [$part, $this->bent[$at]] : [$part],
            );
        }
        $rest = [];
        foreach ($this->repertoire->kinds as $number => $kind) {
            array_push($rest, ...array_slice($kind->items, $taken[$number] ?? 0));
        }

        return [$placements, $rest];
    }

    /**
     * The room over a little more than half of a block at one end of it.
     *
     * @param  array{int, int, int, int, int, int}  $block
     * @return array{int, int, int, int, int, int}
     */
    private static function overHalf(array $block): array
    {
        [$x1, $y1, , $x2, $y2, $top] = $block;
        $isLong = $x2 - $x1 >= $y2 - $y1;

        return $isLong
            ? [$x1, $y1, $top, $x1 + (int) ceil(self::CLEAR * ($x2 - $x1)), $y2, PHP_INT_MAX]
            : [$x1, $y1, $top, $x2, $y1 + (int) ceil(self::CLEAR * ($y2 - $y1)), PHP_INT_MAX];
    }

    /**
     * Only what it touches counts: such tops lie beside one another, so that no place is counted twice.
     *
     * @param  array{int, int, int, int, int, int}  $block
     */
    private function touching(array $block): int
    {
        $area = 0;
        foreach ($this->tops[$block[2]] ?? [] as $under) {
            $area += self::shared($under, $block);
        }

        return $area;
    }

    /**
     * @param  array{int, int, int, int, int, int}  $one
     * @param  array{int, int, int, int, int, int}  $other
     */
    private static function shared(array $one, array $other): int
    {
        $x = min($one[3], $other[3]) - max($one[0], $other[0]);
        $y = min($one[4], $other[4]) - max($one[1], $other[1]);

        return $x > 0 && $y > 0 ? $x * $y : 0;
    }
}
