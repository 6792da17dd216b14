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
 * Notices caps of pens and sticks in boxes that a child under three may open.
 *
 * Source: ISO 11540, caps of writing and marking instruments; and the small parts of US 16 CFR 1501.
 */
final class LooseCaps implements Rule
{
    private const YEARS = 3;

    public function findings(BoxContents $box): array
    {
        if (! $box->mayBeOpenedBelow(self::YEARS) || $box->guideFlags(ItemTrait::Cap)) {
            return [];
        }
        $found = array_filter($box->held, static fn (Held $piece): bool => $piece->has(ItemTrait::Cap));

        return array_values(array_map(static fn (Held $piece): Finding => new Finding(
            'age.cap', Weight::Hazard, [$piece->id], $piece->name, 'A loose cap can choke a small child.',
            'Choose one without a cap.'.self::DEFERS, '', [Remedy::takeOut($piece->piece())],
        ), $found));
    }
}
