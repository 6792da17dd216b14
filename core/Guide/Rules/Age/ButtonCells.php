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
 * Notices button cells, which burn from within when swallowed.
 *
 * Source: US 16 CFR 1263, button cells in products must be out of children's reach; we are wary under eight, an age of
 * our own choice.
 */
final class ButtonCells implements Rule
{
    private const YEARS = 8;

    public function findings(BoxContents $box): array
    {
        if (! $box->mayBeOpenedBelow(self::YEARS) || $box->guideFlags(ItemTrait::ButtonCell)) {
            return [];
        }
        $found = array_filter($box->held, static fn (Held $piece): bool => $piece->has(ItemTrait::ButtonCell));

        return array_values(array_map(static fn (Held $piece): Finding => new Finding(
            'age.button-cell', Weight::Hazard, [$piece->id], $piece->name, 'Button cells burn when swallowed.',
            'Choose one without, or with a screwed cover.'.self::DEFERS, '', [Remedy::takeOut($piece->piece())],
        ), $found));
    }
}
