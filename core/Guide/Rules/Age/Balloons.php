<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Rules\Age;

use PluckyWren\Core\Guide\BoxContents;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Guide\Remedy;
use PluckyWren\Core\Guide\Rules\Rule;
use PluckyWren\Core\Guide\Weight;
use PluckyWren\Core\Stash\ItemTrait;

/**
 * Notices balloons for children who put them into the mouth.
 *
 * Source: US 16 CFR 1500.19(b)(2), children under eight can choke on uninflated or broken balloons.
 */
final class Balloons implements Rule
{
    private const YEARS = 8;

    public function findings(BoxContents $box): array
    {
        if (! $box->mayBeOpenedBelow(self::YEARS) || $box->guideFlags(ItemTrait::Balloon)) {
            return [];
        }
        $found = array_filter($box->held, static fn (Held $piece): bool => $piece->has(ItemTrait::Balloon));

        return array_values(array_map(static fn (Held $piece): Finding => new Finding(
            'age.balloon', Weight::Hazard, [$piece->id], $piece->name, 'Children under eight can choke on balloons.',
            'Keep them for older children.'.self::DEFERS, 'under 8 years', [Remedy::takeOut($piece->piece())],
        ), $found));
    }
}
