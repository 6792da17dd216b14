<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Bench;

use PluckyWren\Core\Box\Packing\ValidPacking;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Result;

/** The plan that is followed, with something left behind and all the rest where it was to go. */
final class SamePlan
{
    /**
     * @param  Problem  $left  what is to be packed without it, around what is in
     * @param  string  $item  the id of the item
     * @param  list<Placement>  $plan  by steps
     * @return Result|null null where something was to lie on it or in it, or not all of the rest is planned
     */
    public static function without(Problem $left, string $item, array $plan): ?Result
    {
        $isPinned = array_flip(array_column($left->pinned, 'id'));
        $last = max([0, ...array_column($left->pinned, 'step')]);
        $placements = $left->pinned;
        foreach ($plan as $placement) {
            if (Item::idOf($placement->id) !== $item && ! isset($isPinned[$placement->id])) {
                $placements[] = $placement->withStep($last + $placement->step);
            }
        }
        $singles = $left->singles();
        if (array_diff_key($singles, array_flip(array_column($placements, 'id'))) !== []
            || count($placements) !== count($singles)) {
            return null;
        }

        return ValidPacking::of($left, $placements);
    }
}
