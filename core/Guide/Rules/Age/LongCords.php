<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Rules\Age;

use PluckyWren\Core\Guide\BoxContents;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Guide\Remedy;
use PluckyWren\Core\Guide\Rules\Rule;
use PluckyWren\Core\Guide\Weight;
use PluckyWren\Core\Measure\InvalidLength;
use PluckyWren\Core\Measure\Length;
use PluckyWren\Core\Measure\Unit;
use PluckyWren\Core\Stash\ItemTrait;
use PluckyWren\Core\Stash\Preparation\Task;
use PluckyWren\Core\Stash\Preparation\TasksOf;

/**
 * Notices cords that can catch a small child's neck.
 *
 * Source: EN 71-1, cords in toys for children under three: at most 220 mm.
 */
final class LongCords implements Rule
{
    private const YEARS = 3;

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
        $cord = $piece->itemKind?->cordTenths;
        $shorten = $piece->isOpen(Task::ShortenCord) ? [Remedy::do($piece->id, Task::ShortenCord)] : [];
        if ($cord === null) {
            return new Finding(
                'measure.cord',
                Weight::Ask,
                [$piece->id],
                $piece->name,
                'Nobody knows how long its cord is; over 220 mm it can catch a small child’s neck.',
                'Measure it, and shorten it where it is longer.',
                '',
                $shorten,
                false,
            );
        }

        return $cord <= TasksOf::SHORT_CORD_TENTHS ? null : new Finding(
            'age.long-cord', Weight::Hazard, [$piece->id], $piece->name,
            'A long cord can catch a small child’s neck.', 'Shorten it or leave it out.'.self::DEFERS,
            Length::ofTenths(min($cord, Length::MOST_TENTHS))->in(Unit::Millimetre).' mm of cord; 220 mm at most',
            [...$shorten, Remedy::takeOut($piece->piece())],
        );
    }
}
