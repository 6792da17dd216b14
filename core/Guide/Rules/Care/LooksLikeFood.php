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

/** Notices what looks like food and is not marked yet, where the guide does not say so itself. */
final class LooksLikeFood implements Rule
{
    public function findings(BoxContents $box): array
    {
        $open = array_filter(
            $box->held,
            static fn (Held $piece): bool => $piece->isOpen(Task::MarkNotFood)
                && ! $box->guideFlags(ItemTrait::FoodLike),
        );

        return array_values(array_map(static fn (Held $piece): Finding => new Finding(
            'prepare.not-food', Weight::Tip, [$piece->id], $piece->name, 'It looks good enough to eat.',
            'Mark it “not food”.', '', [Remedy::do($piece->id, Task::MarkNotFood)],
        ), $open));
    }
}
