<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Rules\Needs;

use PluckyWren\Core\Guide\BoxContents;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Guide\Remedy;
use PluckyWren\Core\Guide\Rules\Rule;
use PluckyWren\Core\Guide\Weight;

/**
 * Notices the same kind of thing twice: on two lines, or once by itself and once hidden in a kit. More of one line is
 * only a count.
 */
final class NothingTwice implements Rule
{
    public function findings(BoxContents $box): array
    {
        $findings = [];
        foreach ($box->byKind as $pieces) {
            $usual = $pieces[0]->itemKind?->usualCount($box->band()) ?? 1;
            $count = array_sum(array_map(static fn (Held $piece): int => $piece->quantity, $pieces));
            if (count($pieces) > 1 && $count > $usual) {
                $findings[] = $this->finding($pieces, $count);
            }
        }

        return $findings;
    }

    /** @param non-empty-list<Held> $pieces */
    private function finding(array $pieces, int $count): Finding
    {
        $hidden = array_values(array_filter($pieces, static fn (Held $piece): bool => $piece->inside !== ''));
        $open = array_values(array_filter($pieces, static fn (Held $piece): bool => $piece->inside === ''));
        $last = $open === [] ? $pieces[0] : $open[count($open) - 1];

        return new Finding(
            $hidden === [] ? 'twice.same-kind' : 'twice.hidden', Weight::Ask,
            array_map(static fn (Held $piece): string => $piece->id, $pieces),
            $pieces[0]->itemKind->name ?? $pieces[0]->name,
            $hidden === []
                ? 'The same kind of thing is in it more than once.'
                : 'One is inside something else already.',
            'Take one out, or say that it is meant.',
            "{$count} on ".count($pieces).' lines', [Remedy::takeOut($last->piece())],
        );
    }
}
