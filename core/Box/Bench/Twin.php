<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Bench;

use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;

/** A box with the same things in it as another: what closed there closes here. */
final class Twin
{
    /**
     * A layout of another box, with its pieces called as this box calls its own.
     *
     * @param  Problem  $mine  the box that is to be packed
     * @param  Problem  $theirs  the box that was
     * @param  list<Placement>  $placements  how that was packed
     * @return list<Placement>|null null where the two are no twins
     */
    public static function layout(Problem $mine, Problem $theirs, array $placements): ?array
    {
        if ($mine->box != $theirs->box || count($mine->items) !== count($theirs->items)) {
            return null;
        }
        $names = [];
        $left = $mine->items;
        foreach ($theirs->items as $item) {
            $alike = array_filter($left, static fn (Item $one): bool => self::alike($one, $item));
            $twin = array_key_first($alike);
            if ($twin === null) {
                return null;
            }
            $names[$item->id] = $left[$twin]->id;
            unset($left[$twin]);
        }
        $laid = [];
        foreach ($placements as $placement) {
            $laid[] = new Placement(
                self::called($placement->id, $names),
                $placement->step,
                $placement->in === null ? null : self::called($placement->in, $names),
                $placement->how,
                $placement->angle,
                $placement->parts,
            );
        }
        $isWhole = count($laid) === count($mine->singles());

        return $isWhole && self::ridesAlike($mine, $theirs, $names) ? $laid : null;
    }

    /** Alike in all that matters to the packing; where one rides is asked once all have their names. */
    private static function alike(Item $one, Item $other): bool
    {
        return $one->quantity === $other->quantity
            && ($one->into === null) === ($other->into === null)
            && $one->loose()->twins() === $other->loose()->twins();
    }

    /** @param array<string, string> $names */
    private static function ridesAlike(Problem $mine, Problem $theirs, array $names): bool
    {
        $into = array_column($mine->items, 'into', 'id');
        foreach ($theirs->items as $item) {
            $there = $item->into === null ? null : self::called($item->into, $names);
            if ($into[$names[$item->id]] !== $there) {
                return false;
            }
        }

        return true;
    }

    /** @param array<string, string> $names */
    private static function called(string $id, array $names): string
    {
        $item = Item::idOf($id);

        return ($names[$item] ?? $item).substr($id, strlen($item));
    }
}
