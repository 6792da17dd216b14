<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Rules\Needs;

use PluckyWren\Core\Guide\BoxContents;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Guide\Remedies\DoTask;
use PluckyWren\Core\Guide\Remedies\PickAnyOf;
use PluckyWren\Core\Guide\Rules\Rule;
use PluckyWren\Core\Guide\Rules\RuleCard;
use PluckyWren\Core\Guide\Weight;
use PluckyWren\Core\Stash\Companion;

/**
 * Notices what travels without the thing it needs, or is better with: a torch without batteries, a mat without pens.
 * Why it needs it, its kind says.
 */
final class SetsAreWhole implements Rule
{
    public function card(): RuleCard
    {
        $weights = [Weight::Missing, Weight::Tip];

        return new RuleCard(['set.pick' => $weights, 'set.see-to' => $weights], RuleCard::COMMON_SENSE);
    }

    public function findings(BoxContents $box): array
    {
        $findings = [];
        foreach ($box->byKind as $kind => $pieces) {
            foreach ($pieces[0]->thing->kind->care->companions as $index => $companion) {
                if (! $box->holdsAnyOf($companion->anyOf) && ! $this->isLookedAfter($companion, $pieces)) {
                    $findings[] = $this->finding("set.{$kind}.{$index}", $companion, $pieces[0]);
                }
            }
        }

        return $findings;
    }

    private function finding(string $id, Companion $companion, Held $piece): Finding
    {
        $task = $companion->task;

        return Finding::onPiece(
            $id,
            $companion->isNeeded ? Weight::Missing : Weight::Tip,
            $piece,
            ['why' => $companion->why],
            [
                ...($task !== null && $piece->isOpen($task) ? [new DoTask($piece->id, $task)] : []),
                ...($companion->anyOf !== [] ? [new PickAnyOf($companion->anyOf)] : []),
            ],
        )->saying($companion->anyOf === [] ? 'set.see-to' : 'set.pick');
    }

    /** @param list<Held> $pieces */
    private function isLookedAfter(Companion $companion, array $pieces): bool
    {
        return $companion->task !== null
            && array_filter($pieces, static fn (Held $piece): bool => ! $piece->isDone($companion->task)) === [];
    }
}
