<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Rules\Age;

use PluckyWren\Core\Guide\BoxContents;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Guide\Rules\Rule;
use PluckyWren\Core\Guide\Weight;
use PluckyWren\Core\Stash\Preparation\Task;

/**
 * Notices what we ourselves add to a box that a child under three may open: thin bags, and tape that comes off.
 *
 * Source: EN 71-1 on flexible plastic sheeting and bags, which can close mouth and nose; how thick a bag is, nobody at
 * the table can measure.
 */
final class BagsOfOurs implements Rule
{
    private const YEARS = 3;

    public function findings(BoxContents $box): array
    {
        if (! $box->mayBeOpenedBelow(self::YEARS)) {
            return [];
        }
        $bagged = array_filter(
            $box->held,
            static fn (Held $piece): bool => array_filter(
                $piece->tasks,
                static fn (Task $task): bool => $task->addsABag() || $task === Task::TapeBatteries,
            ) !== [],
        );

        return $bagged === [] ? [] : [new Finding(
            'age.bags-of-ours', Weight::Ask,
            array_values(array_unique(array_map(static fn (Held $piece): string => $piece->piece(), $bagged))),
            'Bags, tape and rubber bands of ours',
            'A thin bag can close a small child’s mouth and nose; tape and rubber bands come off and are swallowed.',
            'Use bags of cloth or paper, or with holes, and no rubber band inside the box.'.self::DEFERS,
            count($bagged) === 1 ? '1 piece that we bag or tape' : count($bagged).' pieces that we bag or tape',
        )];
    }
}
