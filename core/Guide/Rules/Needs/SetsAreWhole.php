<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Rules\Needs;

use PluckyWren\Core\Guide\BoxContents;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Guide\Remedy;
use PluckyWren\Core\Guide\Rules\Rule;
use PluckyWren\Core\Guide\Weight;
use PluckyWren\Core\Stash\Companion;

/**
 * Notices what travels without the thing it needs, or is better with: a torch without batteries, a mat without pens.
 */
final class SetsAreWhole implements Rule
{
    public function findings(BoxContents $box): array
    {
        $findings = [];
        foreach ($box->byKind as $kind => $pieces) {
            foreach ($pieces[0]->itemKind->companions ?? [] as $index => $companion) {
                if (! $box->holdsAnyOf($companion->anyOf) && ! $this->isLookedAfter($companion, $pieces)) {
                    $findings[] = $this->finding("set.{$kind}.{$index}", $companion, $pieces[0]);
                }
            }
        }

        return $findings;
    }

    private function finding(string $id, Companion $companion, Held $piece): Finding
    {
        return new Finding(
            $id, $companion->isNeeded ? Weight::Missing : Weight::Tip, [$piece->id], $piece->name, $companion->why,
            $companion->anyOf === [] ? 'See to it, and tick it off.' : 'Pick it as well, or leave it knowingly.', '',
            [
                ...(
                    $companion->task !== null && $piece->isOpen($companion->task)
                        ? [Remedy::do($piece->id, $companion->task)]
                        : []
                ),
                ...($companion->anyOf !== [] ? [Remedy::pick($companion->anyOf)] : []),
            ],
        );
    }

    /** @param list<Held> $pieces */
    private function isLookedAfter(Companion $companion, array $pieces): bool
    {
        return $companion->task !== null
            && array_filter($pieces, static fn (Held $piece): bool => ! $piece->isDone($companion->task)) === [];
    }
}
