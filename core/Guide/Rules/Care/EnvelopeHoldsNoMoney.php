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

/** Notices an envelope that does not say that it holds no money. */
final class EnvelopeHoldsNoMoney implements Rule
{
    public function findings(BoxContents $box): array
    {
        $open = array_filter($box->held, static fn (Held $piece): bool => $piece->isOpen(Task::MarkEnvelope));

        return array_values(array_map(static fn (Held $piece): Finding => new Finding(
            'privacy.envelope', Weight::Tip, [$piece->id], $piece->name,
            'An envelope that might hold money is opened on the way.',
            'Write on it that it holds no money, and put none in.', '', [Remedy::do($piece->id, Task::MarkEnvelope)],
        ), $open));
    }
}
