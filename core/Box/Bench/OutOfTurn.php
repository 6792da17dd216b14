<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Bench;

use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Solve\OneByOne;

/** Where something goes that is put in before its turn: not where the plan has it, as that is not there yet. */
final class OutOfTurn
{
    /**
     * @param  string  ...$items  ids of what goes in at one go
     * @return list<Placement>|null one for each of them that is not in yet; null where one of them finds no place
     */
    public static function placements(Problem $problem, Packed $packed, string ...$items): ?array
    {
        $placements = [];
        foreach ($items as $item) {
            $left = $packed->with($placements)->around($problem);
            $singles = $left->freeSinglesOf($item);
            $box = new OneByOne($left, $left->singles());
            $box->run(array_map(static fn (Item $single): Item => $single->together(false), $singles));
            if ($singles === [] || $box->leftOut !== []) {
                return null;
            }
            array_push($placements, ...$box->placements);
        }

        return $placements;
    }
}
