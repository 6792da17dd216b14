<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Rules\Age;

use PluckyWren\Core\Guide\BoxContents;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Guide\Remedies\TakeOut;
use PluckyWren\Core\Guide\Rules\PieceRule;
use PluckyWren\Core\Guide\Rules\RuleCard;
use PluckyWren\Core\Guide\Weight;

/** Notices what is meant for children older or younger than this one. */
final class RightForThisAge implements PieceRule
{
    public function card(): RuleCard
    {
        $weights = [Weight::Ask, Weight::Tip];

        return new RuleCard(['age.for-younger' => $weights, 'age.for-older' => $weights], RuleCard::OWN_ESTIMATE);
    }

    public function findings(BoxContents $box): array
    {
        return array_values(
            array_filter(array_map(static fn (Held $piece): ?Finding => self::judge($piece, $box), $box->held)),
        );
    }

    private static function judge(Held $piece, BoxContents $box): ?Finding
    {
        $ages = $piece->thing->kind->usage->ages;
        if ($ages === null || $box->band()->sharedYears($ages) >= min(2, $box->band()->years())) {
            return null;
        }
        $isTooOld = $box->band()->fromYears > $ages->toYears || $box->band()->toYears > $ages->toYears;

        return Finding::onPiece(
            'age.not-for-this-age',
            $box->band()->sharedYears($ages) === 0 ? Weight::Ask : Weight::Tip,
            $piece,
            ['from' => $ages->fromYears, 'to' => $ages->toYears],
            [new TakeOut($piece->piece())],
        )->saying($isTooOld ? 'age.for-younger' : 'age.for-older');
    }
}
