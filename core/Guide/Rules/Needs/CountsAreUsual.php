<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Rules\Needs;

use PluckyWren\Core\Guide\BoxContents;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Guide\Remedies\HaveFewer;
use PluckyWren\Core\Guide\Remedies\Remedy;
use PluckyWren\Core\Guide\Rules\Rule;
use PluckyWren\Core\Guide\Rules\RuleCard;
use PluckyWren\Core\Guide\Weight;

/** Notices counts far from what is usual: few of what comes in numbers, or so many that the rest has no room. */
final class CountsAreUsual implements Rule
{
    /** Things that come in such numbers or more are worth counting up. */
    private const IN_NUMBERS = 3;

    public function card(): RuleCard
    {
        return new RuleCard(
            ['count.many' => [Weight::Tip], 'count.low' => [Weight::Tip]],
            'the drive’s guide, and where it says nothing '.RuleCard::OWN_ESTIMATE,
        );
    }

    public function findings(BoxContents $box): array
    {
        $findings = [];
        foreach ($box->byKind as $kind => $pieces) {
            $usual = $box->usual($pieces[0]->thing->kind);
            $count = $box->countByKind[$kind];
            if ($usual !== null && $count >= 2 * $usual && $count >= $usual + 2) {
                $fewer = count($pieces) === 1 && $pieces[0]->inside === ''
                    ? [new HaveFewer($pieces[0]->id, $usual)]
                    : [];
                $findings[] = $this->finding('count.many', $pieces, $count, $usual, $fewer);
            } elseif ($usual !== null && $usual >= self::IN_NUMBERS && $count < $usual) {
                $findings[] = $this->finding('count.low', $pieces, $count, $usual, []);
            }
        }

        return $findings;
    }

    /**
     * @param  non-empty-list<Held>  $pieces
     * @param  list<Remedy>  $remedies
     */
    private function finding(string $id, array $pieces, int $count, int $usual, array $remedies): Finding
    {
        return new Finding(
            $id,
            $id,
            Weight::Tip,
            array_map(static fn (Held $piece): string => $piece->id, $pieces),
            ['name' => $pieces[0]->thing->kind->name, 'count' => $count, 'usual' => $usual],
            $remedies,
        );
    }
}
