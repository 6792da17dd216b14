<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\Crew;
use App\Models\Evening;
use App\Models\Lot;
use Carbon\CarbonImmutable;
use PluckyWren\Core\Guide\HandIn;
use PluckyWren\Core\Season\DateKind;
use PluckyWren\Core\Season\YearDate;
use PluckyWren\Core\Season\YearDates;

/** The dates that a crew has before it. */
final class CrewDates
{
    private const MOST_DUE = 200;

    /**
     * @param  list<YearDate>  $others  what is worth a date beside what is written down
     * @return list<YearDate> the earliest first
     */
    public static function of(HandIn $handIn, Crew $crew, array $others = []): array
    {
        $due = [];
        foreach (Lot::query()->whereNotNull('due_on')->orderBy('due_on')->limit(self::MOST_DUE)->get() as $lot) {
            if ($lot->due_on !== null) {
                $due[] = ['id' => $lot->id, 'name' => $lot->name, 'day' => $lot->due_on];
            }
        }

        return YearDates::of($handIn, $crew->today(), $due, [...self::evenings($crew), ...$others]);
    }

    /** @return list<YearDate> */
    private static function evenings(Crew $crew): array
    {
        $ahead = Evening::query()->where('day', '>=', $crew->today()->toDateString());
        $ahead->orderBy('day')->orderBy('begins');

        return array_values($ahead->get()->map(static fn (Evening $evening): YearDate => new YearDate(
            DateKind::Evening,
            "evening-{$evening->id}",
            $evening->day,
            $evening->day,
            $evening->place ?? '',
            [
                self::moment($evening->day, $evening->begins, $crew->time_zone),
                self::moment($evening->day, $evening->ends, $crew->time_zone),
            ],
        ))->all());
    }

    private static function moment(CarbonImmutable $day, string $time, string $timeZone): CarbonImmutable
    {
        return CarbonImmutable::parse("{$day->toDateString()} {$time}", $timeZone);
    }
}
