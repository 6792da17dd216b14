<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Rules\Age;

use PluckyWren\Core\Guide\BoxContents;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Guide\Remedy;
use PluckyWren\Core\Guide\Rules\Rule;
use PluckyWren\Core\Guide\Weight;

/**
 * Notices what is meant for children older or younger than this one. What a kind is right for is an estimate of ours.
 */
final class RightForThisAge implements Rule
{
    public function findings(BoxContents $box): array
    {
        return array_values(
            array_filter(array_map(static fn (Held $piece): ?Finding => self::judge($piece, $box), $box->held)),
        );
    }

    private static function judge(Held $piece, BoxContents $box): ?Finding
    {
        $ages = $piece->itemKind?->ages;
        if ($ages === null || $box->band()->sharedYears($ages) >= min(2, $box->band()->years())) {
            return null;
        }
        $isTooOld = $box->band()->fromYears > $ages->toYears || $box->band()->toYears > $ages->toYears;

        return new Finding(
            'age.not-for-this-age', $box->band()->sharedYears($ages) === 0 ? Weight::Ask : Weight::Tip, [$piece->id],
            $piece->name,
            $isTooOld ? 'It is for younger children.' : 'It is for older children.',
            'Choose something for this age, or leave it knowingly.',
            "right from {$ages->fromYears} to {$ages->toYears} years", [Remedy::takeOut($piece->piece())],
        );
    }
}
