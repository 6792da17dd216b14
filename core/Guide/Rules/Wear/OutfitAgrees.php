<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Rules\Wear;

use PluckyWren\Core\Guide\BoxContents;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Rules\Rule;
use PluckyWren\Core\Guide\Sizes\SizeLabel;
use PluckyWren\Core\Guide\Weight;

/** Notices a top and a bottom for two different children. How far labels may stand apart is an estimate of ours. */
final class OutfitAgrees implements Rule
{
    /** Two sizes, in millimetres of body height. */
    private const APART_MM = 130;

    public function findings(BoxContents $box): array
    {
        $smallest = $largest = null;
        foreach ($box->held as $piece) {
            $label = $piece->itemKind?->isWorn === true && ! $piece->itemKind->isShoes
                ? SizeLabel::read((string) $piece->sizeLabel, false)
                : null;
            if ($label !== null) {
                $smallest = $smallest === null || $label->middle() < $smallest[0]
                    ? [$label->middle(), $piece, $label]
                    : $smallest;
                $largest = $largest === null || $label->middle() > $largest[0]
                    ? [$label->middle(), $piece, $label]
                    : $largest;
            }
        }
        if ($smallest === null || $largest === null || $largest[0] - $smallest[0] <= self::APART_MM) {
            return [];
        }

        return [new Finding(
            'size.outfit-disagrees', Weight::Ask, [$smallest[1]->id, $largest[1]->id],
            "{$smallest[1]->name} and {$largest[1]->name}",
            'They are for two children of different size.', 'Choose clothes of one size, near the top of the band.',
            "{$smallest[2]->says()} against {$largest[2]->says()}",
        )];
    }
}
