<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Rules\Care;

use PluckyWren\Core\Guide\BoxContents;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Guide\Remedies\DoTask;
use PluckyWren\Core\Guide\Rules\PieceRule;
use PluckyWren\Core\Guide\Rules\RuleCard;
use PluckyWren\Core\Guide\Weight;
use PluckyWren\Core\Stash\ItemTrait;
use PluckyWren\Core\Stash\Preparation\Task;

/** Notices what leaks or smells and is not in two bags yet; where the guide bars it, that is said already. */
final class LeaksAreContained implements PieceRule
{
    public function card(): RuleCard
    {
        return new RuleCard(['prepare.leaks' => [Weight::Tip]], RuleCard::COMMON_SENSE);
    }

    public function findings(BoxContents $box): array
    {
        $leaks = array_filter(
            $box->held,
            static fn (Held $piece): bool => $piece->has(ItemTrait::Liquid, ItemTrait::Paste)
                && $piece->isOpen(Task::BagTwice)
                && array_filter($piece->thing->traits, $box->guideFlags(...)) === [],
        );

        return array_values(array_map(static fn (Held $piece): Finding => Finding::onPiece(
            'prepare.leaks',
            Weight::Tip,
            $piece,
            remedies: [new DoTask($piece->id, Task::BagTwice)],
        ), $leaks));
    }
}
