<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Rules\Needs;

use PluckyWren\Core\Guide\BoxContents;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\NeedState;
use PluckyWren\Core\Guide\Remedy;
use PluckyWren\Core\Guide\Rules\Rule;
use PluckyWren\Core\Guide\Weight;

/** Notices every need of the guide that the box does not fill. */
final class NeedsAreFilled implements Rule
{
    public function findings(BoxContents $box): array
    {
        return array_map(static fn (NeedState $state): Finding => new Finding(
            "missing.{$state->need->id}", Weight::Missing, [], $state->need->name,
            "The guide asks for {$state->missing()}.", 'Pick it, or put it on the list to buy.',
            "{$state->held} of {$state->asked}", [Remedy::pick($state->need->anyOf)],
        ), $box->guide->needsFilled($box->recipient, $box->held)->missing());
    }
}
