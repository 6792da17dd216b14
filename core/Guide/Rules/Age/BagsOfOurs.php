<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Rules\Age;

use PluckyWren\Core\Guide\BoxContents;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Guide\Rules\Rule;
use PluckyWren\Core\Guide\Rules\RuleCard;
use PluckyWren\Core\Guide\Weight;
use PluckyWren\Core\Stash\Preparation\Task;

/**
 * Notices what we ourselves add to a box that a child under three may open: thin bags, and tape that comes off.
 *
 * How thick a bag is, nobody at the table can measure.
 */
final class BagsOfOurs implements Rule
{
    private const YEARS = 3;

    public function card(): RuleCard
    {
        return new RuleCard(
            ['age.bags-of-ours' => [Weight::Ask]],
            'EN 71-1, flexible plastic sheeting and bags, which can close mouth and nose',
        );
    }

    public function findings(BoxContents $box): array
    {
        if (! $box->mayBeOpenedBelow(self::YEARS)) {
            return [];
        }
        $bagged = array_filter(
            $box->held,
            static fn (Held $piece): bool => array_filter(
                $piece->preparation->tasks,
                static fn (Task $task): bool => $task->addsABag() || $task === Task::TapeBatteries,
            ) !== [],
        );

        return $bagged === [] ? [] : [new Finding(
            'age.bags-of-ours',
            'age.bags-of-ours',
            Weight::Ask,
            array_values(array_unique(array_map(static fn (Held $piece): string => $piece->piece(), $bagged))),
            ['count' => count($bagged)],
        )];
    }
}
