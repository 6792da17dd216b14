<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Rules\Care;

use PluckyWren\Core\Guide\BoxContents;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Guide\Rules\Rule;
use PluckyWren\Core\Guide\Rules\RuleCard;
use PluckyWren\Core\Guide\Weight;
use PluckyWren\Core\Stash\Preparation\Task;

/** Notices, in one finding, everything that may still carry its price. */
final class PricesAreOff implements Rule
{
    public function card(): RuleCard
    {
        return new RuleCard(['prepare.prices' => [Weight::Tip]], RuleCard::COMMON_SENSE);
    }

    public function findings(BoxContents $box): array
    {
        $priced = array_values(
            array_filter($box->held, static fn (Held $piece): bool => $piece->isOpen(Task::PriceOff)),
        );

        return $priced === [] ? [] : [new Finding(
            'prepare.prices',
            'prepare.prices',
            Weight::Tip,
            array_map(static fn (Held $piece): string => $piece->id, $priced),
            ['count' => count($priced)],
        )];
    }
}
