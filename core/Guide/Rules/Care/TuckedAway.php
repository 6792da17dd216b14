<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Rules\Care;

use PluckyWren\Core\Guide\BoxContents;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Guide\Remedy;
use PluckyWren\Core\Guide\Rules\Rule;
use PluckyWren\Core\Guide\Weight;
use PluckyWren\Core\Stash\Preparation\Task;

/** Notices what a child would rather not have seen by all. */
final class TuckedAway implements Rule
{
    public function findings(BoxContents $box): array
    {
        $open = array_filter($box->held, static fn (Held $piece): bool => $piece->isOpen(Task::TuckAway));

        return array_values(array_map(static fn (Held $piece): Finding => new Finding(
            'privacy.tuck-away', Weight::Tip, [$piece->id], $piece->name, 'It should not be what is seen first.',
            'Fold it into something else.', '', [Remedy::do($piece->id, Task::TuckAway)],
        ), $open));
    }
}
