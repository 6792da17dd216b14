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
use PluckyWren\Core\Measure\InvalidLength;
use PluckyWren\Core\Measure\Length;
use PluckyWren\Core\Stash\ItemTrait;
use PluckyWren\Core\Stash\Preparation\Task;
use PluckyWren\Core\Stash\Preparation\TasksOf;

/** Notices cords that can catch a small child's neck. */
final class LongCords implements PieceRule
{
    private const YEARS = 3;

    public function card(): RuleCard
    {
        return new RuleCard(
            ['age.long-cord' => [Weight::Hazard], 'measure.cord' => [Weight::Ask]],
            'EN 71-1, cords in toys for children under three: at most 220 mm',
        );
    }

    /** @throws InvalidLength */
    public function findings(BoxContents $box): array
    {
        if (! $box->mayBeOpenedBelow(self::YEARS) || $box->guideFlags(ItemTrait::Cord)) {
            return [];
        }
        $corded = array_filter(
            $box->held,
            static fn (Held $piece): bool => $piece->has(ItemTrait::Cord) && ! $piece->isDone(Task::ShortenCord),
        );

        return array_values(array_filter(array_map($this->judge(...), $corded)));
    }

    /** @throws InvalidLength */
    private function judge(Held $piece): ?Finding
    {
        $cord = $piece->thing->kind->body->cordTenths;
        $most = Length::ofTenths(TasksOf::SHORT_CORD_TENTHS);
        $shorten = $piece->isOpen(Task::ShortenCord) ? [new DoTask($piece->id, Task::ShortenCord)] : [];
        if ($cord === null) {
            return Finding::onPiece('measure.cord', Weight::Ask, $piece, ['most' => $most], $shorten)->untilMeasured();
        }

        return $cord <= TasksOf::SHORT_CORD_TENTHS ? null : Finding::onPiece(
            'age.long-cord',
            Weight::Hazard,
            $piece,
            ['cord' => Length::ofTenths(min($cord, Length::MOST_TENTHS)), 'most' => $most],
            [...$shorten, new TakeOut($piece->piece())],
        );
    }
}
