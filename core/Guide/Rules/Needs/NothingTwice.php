<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Rules\Needs;

use PluckyWren\Core\Guide\BoxContents;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Guide\Remedies\TakeOut;
use PluckyWren\Core\Guide\Rules\Rule;
use PluckyWren\Core\Guide\Rules\RuleCard;
use PluckyWren\Core\Guide\Weight;

/**
 * Notices the same kind of thing twice: on two lines, or once by itself and once hidden in a kit. More of one line is
 * only a count.
 */
final class NothingTwice implements Rule
{
    /** Up to so many times as long, two things of one kind are for the same use. An estimate. */
    private const AS_LARGE = 1.2;

    public function card(): RuleCard
    {
        return new RuleCard(
            ['twice.same-kind' => [Weight::Ask], 'twice.hidden' => [Weight::Ask]],
            RuleCard::COMMON_SENSE,
        );
    }

    public function findings(BoxContents $box): array
    {
        $findings = [];
        $several = array_filter($box->byKind, static fn (array $pieces): bool => count($pieces) > 1);
        foreach (array_merge(...array_map(self::alike(...), array_values($several))) as $pieces) {
            $usual = $pieces[0]->thing->kind->usualCount($box->band());
            $count = array_sum(array_map(static fn (Held $piece): int => $piece->quantity, $pieces));
            if (count($pieces) > 1 && $count > $usual) {
                $findings[] = $this->finding($pieces, $count);
            }
        }

        return $findings;
    }

    /**
     * Part pieces of one kind by their size: a large and a small notebook are for two uses.
     *
     * @param  non-empty-list<Held>  $pieces
     * @return list<non-empty-list<Held>>
     */
    private static function alike(array $pieces): array
    {
        $groups = [];
        foreach ($pieces as $piece) {
            $longest = $piece->thing->measures->size->sides()[0];
            foreach ($groups as $number => $group) {
                $others = $group[0]->thing->measures->size->sides()[0];
                if (max($longest, $others) <= self::AS_LARGE * min($longest, $others)) {
                    $groups[$number][] = $piece;

                    continue 2;
                }
            }
            $groups[] = [$piece];
        }

        return array_values($groups);
    }

    /** @param non-empty-list<Held> $pieces */
    private function finding(array $pieces, int $count): Finding
    {
        $open = array_values(array_filter($pieces, static fn (Held $piece): bool => $piece->inside === ''));
        $last = $open === [] ? $pieces[0] : $open[count($open) - 1];
        $id = count($open) === count($pieces) ? 'twice.same-kind' : 'twice.hidden';

        return new Finding(
            $id,
            $id,
            Weight::Ask,
            array_map(static fn (Held $piece): string => $piece->id, $pieces),
            [
                'name' => $pieces[0]->thing->kind->name,
                'count' => $count,
                'lines' => count($pieces),
            ],
            [new TakeOut($last->piece())],
        );
    }
}
