<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Rules\Age;

use PluckyWren\Core\Guide\BoxContents;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Guide\Remedies\DoTask;
use PluckyWren\Core\Guide\Remedies\TakeOut;
use PluckyWren\Core\Guide\Rules\PieceRule;
use PluckyWren\Core\Guide\Rules\RuleCard;
use PluckyWren\Core\Guide\Weight;
use PluckyWren\Core\Stash\ItemTrait;
use PluckyWren\Core\Stash\Preparation\Task;

/** Notices points, blades and needles: not for the youngest, and covered for everyone else. */
final class PointsAndBlades implements PieceRule
{
    private const YOUNGEST = 3;

    private const YOUNG = 8;

    public function card(): RuleCard
    {
        return new RuleCard(
            ['age.sharp' => [Weight::Hazard], 'prepare.cover-points' => [Weight::Tip]],
            'US 16 CFR 1500.48 and 1500.49, sharp points and edges in toys for children under eight',
        );
    }

    public function findings(BoxContents $box): array
    {
        $findings = [];
        foreach ($box->held as $piece) {
            foreach ([ItemTrait::Needle, ItemTrait::Blade, ItemTrait::Point] as $trait) {
                if ($piece->has($trait)) {
                    $findings[] = $this->judge($piece, $trait, $box);

                    // A needle has a point too; once is enough.
                    break;
                }
            }
        }

        return array_values(array_filter($findings));
    }

    private function judge(Held $piece, ItemTrait $trait, BoxContents $box): ?Finding
    {
        $isTooYoung = $box->mayBeOpenedBelow(self::YOUNGEST)
            || ($trait === ItemTrait::Needle && $box->mayBeOpenedBelow(self::YOUNG));

        return match (true) {
            $isTooYoung && $box->guideFlags($trait) => null,
            $isTooYoung => Finding::onPiece(
                'age.sharp',
                Weight::Hazard,
                $piece,
                remedies: [new TakeOut($piece->piece())],
            ),
            $piece->isOpen(Task::CoverPoints) => Finding::onPiece(
                'prepare.cover-points',
                Weight::Tip,
                $piece,
                remedies: [new DoTask($piece->id, Task::CoverPoints)],
            ),
            default => null,
        };
    }
}
