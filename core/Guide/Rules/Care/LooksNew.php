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

/** Notices what came second-hand or from home and was not looked over yet. */
final class LooksNew implements Rule
{
    public function findings(BoxContents $box): array
    {
        $open = array_filter($box->held, static fn (Held $piece): bool => $piece->isOpen(Task::LookOver));

        return array_values(array_map(static fn (Held $piece): Finding => new Finding(
            'used.looks-new', Weight::Ask, [$piece->id], $piece->name, 'It may have been somebody’s before.',
            'Look it over: does it look new and whole?', '', [Remedy::do($piece->id, Task::LookOver)],
        ), $open));
    }
}
