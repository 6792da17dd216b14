<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Rules\Needs;

use PluckyWren\Core\Guide\BoxContents;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\NeedState;
use PluckyWren\Core\Guide\Remedies\PickAnyOf;
use PluckyWren\Core\Guide\Rules\Rule;
use PluckyWren\Core\Guide\Rules\RuleCard;
use PluckyWren\Core\Guide\Weight;

/** Notices every need of the guide that the box does not fill. */
final class NeedsAreFilled implements Rule
{
    public function card(): RuleCard
    {
        $weight = [Weight::Missing];

        return new RuleCard(
            ['missing.one' => $weight, 'missing.several' => $weight, 'missing.more' => $weight],
            RuleCard::THE_GUIDE,
        );
    }

    public function findings(BoxContents $box): array
    {
        return array_map(static fn (NeedState $state): Finding => new Finding(
            "missing.{$state->need->id}",
            match (true) {
                $state->asked === 1 => 'missing.one',
                $state->held === 0 => 'missing.several',
                default => 'missing.more',
            },
            Weight::Missing,
            [],
            [
                'name' => $state->need->name,
                'asked' => $state->asked,
                'held' => $state->held,
                'lacks' => $state->lacks(),
            ],
            $state->need->accepts->kinds === [] ? [] : [new PickAnyOf($state->need->accepts->kinds)],
        ), $box->needs()->missing());
    }
}
