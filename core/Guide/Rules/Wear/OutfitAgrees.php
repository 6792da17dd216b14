<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Rules\Wear;

use PluckyWren\Core\Guide\BoxContents;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Guide\Rules\Rule;
use PluckyWren\Core\Guide\Rules\RuleCard;
use PluckyWren\Core\Guide\Sizes\SizeLabel;
use PluckyWren\Core\Guide\Weight;

/** Notices a top and a bottom for two different children. How far labels may stand apart is an estimate of ours. */
final class OutfitAgrees implements Rule
{
    /** Two sizes, in millimetres of body height. */
    private const APART_MM = 130;

    public function card(): RuleCard
    {
        return new RuleCard(['size.outfit-disagrees' => [Weight::Ask]], RuleCard::OWN_ESTIMATE);
    }

    public function findings(BoxContents $box): array
    {
        /** @var list<array{Held, SizeLabel}> $labelled */
        $labelled = [];
        foreach ($box->held as $piece) {
            $label = $piece->thing->kind->care->isWorn && ! $piece->thing->kind->care->isShoes
                ? SizeLabel::read((string) $piece->thing->sizeLabel, false)
                : null;
            if ($label !== null) {
                $labelled[] = [$piece, $label];
            }
        }
        if ($labelled === []) {
            return [];
        }
        $heights = array_map(static fn (array $one): int => $one[1]->middle(), $labelled);
        [$small, $smallest] = $labelled[(int) array_search(min($heights), $heights, true)];
        [$large, $largest] = $labelled[(int) array_search(max($heights), $heights, true)];

        return $largest->middle() - $smallest->middle() <= self::APART_MM ? [] : [new Finding(
            'size.outfit-disagrees',
            'size.outfit-disagrees',
            Weight::Ask,
            [$small->id, $large->id],
            ['name' => $small->name, 'other' => $large->name, 'smaller' => $smallest, 'larger' => $largest],
        )];
    }
}
