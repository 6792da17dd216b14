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

/** Notices batteries whose ends are bare. */
final class BatteriesAreTaped implements Rule
{
    public function findings(BoxContents $box): array
    {
        $open = array_filter($box->held, static fn (Held $piece): bool => $piece->isOpen(Task::TapeBatteries));

        return array_values(array_map(static fn (Held $piece): Finding => new Finding(
            'prepare.batteries', Weight::Tip, [$piece->id], $piece->name,
            'Batteries that touch metal run flat or grow hot.', 'Tape their ends, or leave the pack shut.', '',
            [Remedy::do($piece->id, Task::TapeBatteries)],
        ), $open));
    }
}
