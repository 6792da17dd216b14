<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\Lot;
use Carbon\CarbonImmutable;
use PluckyWren\Core\Guide\HandIn;
use PluckyWren\Core\Season\YearDate;
use PluckyWren\Core\Season\YearDates;

/** The dates that the crew in hand has before it. */
final class CrewDates
{
    private const MOST_DUE = 200;

    /** @return list<YearDate> the earliest first */
    public static function of(HandIn $handIn, CarbonImmutable $today): array
    {
        $due = [];
        foreach (Lot::query()->whereNotNull('due_on')->orderBy('due_on')->limit(self::MOST_DUE)->get() as $lot) {
            if ($lot->due_on !== null) {
                $due[] = ['id' => $lot->id, 'name' => $lot->name, 'day' => $lot->due_on];
            }
        }

        return YearDates::of($handIn, $today, $due);
    }
}
