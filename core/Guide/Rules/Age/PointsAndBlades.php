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
use PluckyWren\Core\Stash\Preparation\Task;

/**
 * Notices points, blades and needles: not for the youngest, and covered for everyone else.
 *
 * Source: US 16 CFR 1500.48 and 1500.49, sharp points and edges in toys for children under eight.
 */
final class PointsAndBlades implements Rule
{
    private const YOUNGEST = 3;

    private const YOUNG = 8;

    public function findings(BoxContents $box): array
    {
        $findings = [];
        foreach ($box->held as $piece) {
            foreach ([ItemTrait::Needle, ItemTrait::Blade, ItemTrait::Point] as $trait) {
                if ($piece->has($trait)) {
                    $findings = [...$findings, ...$this->judge($piece, $trait, $box)];

                    // A needle has a point too; once is enough.
                    break;
                }
            }
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function judge(Held $piece, ItemTrait $trait, BoxContents $box): array
    {
        $isTooYoung = $box->mayBeOpenedBelow(self::YOUNGEST)
            || ($trait === ItemTrait::Needle && $box->mayBeOpenedBelow(self::YOUNG));
        if ($isTooYoung) {
            return $box->guideFlags($trait) ? [] : [new Finding(
                'age.sharp', Weight::Hazard, [$piece->id], $piece->name,
                'It is sharp, and this child is too young for it.', 'Keep it for an older child.'.self::DEFERS, '',
                [Remedy::takeOut($piece->piece())],
            )];
        }

        return $piece->isOpen(Task::CoverPoints)
            ? [
                new Finding(
                    'prepare.cover-points',
                    Weight::Tip,
                    [$piece->id],
                    $piece->name,
                    'It is sharp.',
                    'Cover the point or the blade.',
                    '',
                    [Remedy::do($piece->id, Task::CoverPoints)],
                ),
            ]
            : [];
    }
}
