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

/** Notices a photo that nobody decided on. */
final class PhotoByChoice implements Rule
{
    public function findings(BoxContents $box): array
    {
        $open = array_filter($box->held, static fn (Held $piece): bool => $piece->isOpen(Task::PhotoChoice));

        return array_values(array_map(static fn (Held $piece): Finding => new Finding(
            'privacy.photo', Weight::Ask, [$piece->id], $piece->name,
            'A photo shows your face to people you do not know.', 'Decide it knowingly: no address, no full name.', '',
            [Remedy::do($piece->id, Task::PhotoChoice)],
        ), $open));
    }
}
