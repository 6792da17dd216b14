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
 * Notices drawstrings at hood and neck.
 *
 * Source: US 16 CFR 1120.3(b), children's upper outerwear of sizes 2T to 12 with drawstrings at hood or neck.
 */
final class NeckCords implements Rule
{
    private const YEARS = 13;

    public function findings(BoxContents $box): array
    {
        if (! $box->mayBeOpenedBelow(self::YEARS) || $box->guideFlags(ItemTrait::NeckCord)) {
            return [];
        }
        $found = array_filter($box->held, static fn (Held $piece): bool => $piece->has(ItemTrait::NeckCord));

        return array_values(array_map(static fn (Held $piece): Finding => new Finding(
            'age.neck-cord', Weight::Hazard, [$piece->id], $piece->name,
            'A drawstring at hood or neck can catch and strangle.',
            'Pull it out, then say so in its traits.'.self::DEFERS, '', [Remedy::takeOut($piece->piece())],
        ), $found));
    }
}
