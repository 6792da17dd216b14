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
 * Notices strong magnets, which join inside the body when two are swallowed.
 *
 * Source: US 16 CFR 1262, products with strong loose magnets for anyone under fourteen.
 */
final class StrongMagnets implements Rule
{
    private const YEARS = 14;

    public function findings(BoxContents $box): array
    {
        if (! $box->mayBeOpenedBelow(self::YEARS) || $box->guideFlags(ItemTrait::Magnet)) {
            return [];
        }
        $found = array_filter($box->held, static fn (Held $piece): bool => $piece->has(ItemTrait::Magnet));

        return array_values(array_map(static fn (Held $piece): Finding => new Finding(
            'age.magnet', Weight::Hazard, [$piece->id], $piece->name, 'Strong magnets are dangerous when swallowed.',
            'Leave it out.'.self::DEFERS, 'under 14 years', [Remedy::takeOut($piece->piece())],
        ), $found));
    }
}
