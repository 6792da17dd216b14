<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Rules\Care;

use PluckyWren\Core\Guide\BoxContents;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Guide\Remedy;
use PluckyWren\Core\Guide\Rules\Rule;
use PluckyWren\Core\Guide\Weight;
use PluckyWren\Core\Stash\ItemTrait;
use PluckyWren\Core\Stash\Preparation\Task;

/** Notices what leaks or smells and is not in two bags yet; where the guide bars it, that is said already. */
final class LeaksAreContained implements Rule
{
    public function findings(BoxContents $box): array
    {
        $leaks = array_filter(
            $box->held,
            static fn (Held $piece): bool => $piece->has(ItemTrait::Liquid, ItemTrait::Paste)
                && $piece->isOpen(Task::BagTwice),
        );
        $free = array_filter(
            $leaks,
            static fn (Held $piece): bool => array_filter($piece->traits, $box->guideFlags(...)) === [],
        );

        return array_values(array_map(static fn (Held $piece): Finding => new Finding(
            'prepare.leaks', Weight::Tip, [$piece->id], $piece->name, 'It leaks when it is pressed.', 'Bag it twice.',
            '', [Remedy::do($piece->id, Task::BagTwice)],
        ), $free));
    }
}
