<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Bench;

use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Solve\OneByOne;

/** Where a piece goes that is put in before its turn: not where the plan has it, as that is not there yet. */
final class OutOfTurn
{
    /**
     * @param  string  $item  the id of the item
     * @return list<Placement>|null one for each of it that is not in yet; null where one of them finds no place
     */
    public static function placements(Problem $problem, Packed $packed, string $item): ?array
    {
        $left = $packed->around($problem);
        $singles = $left->freeSinglesOf($item);
        if ($singles === []) {
            return null;
        }
        $box = new OneByOne($left, $left->singles());
        $box->run(array_map(static fn (Item $single): Item => $single->together(false), $singles));

        return $box->leftOut === [] ? $box->placements : null;
    }
}
