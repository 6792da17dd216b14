<?php

declare(strict_types=1);

namespace App\Pages\Send;

use App\Crews\CrewInHand;
use App\Models\Crew;
use App\Queries\CrewDates;
use App\Queries\MonthPrices;
use App\Words\Words;
use PluckyWren\Core\Season\CheapKind;
use PluckyWren\Core\Season\CheapMonths;
use PluckyWren\Core\Season\DateKind;
use PluckyWren\Core\Season\YearDate;

/** A crew's dates, as its page shows them and its calendar tells them. */
final class Dates
{
    private const MONTHS = 12;

    private const NAMED = 6;

    /** @return list<YearDate> the earliest first */
    public static function of(Crew $crew): array
    {
        $guide = resolve(CrewInHand::class)->guide();

        return CrewDates::of($guide->terms->handIn, $crew, self::cheapMonths($crew, new CheapMonths(
            SeasonPage::kinds($guide),
            MonthPrices::all($crew->currency),
            $crew->currency,
        )));
    }

    /** @return list<YearDate> a month each in which something that is needed is cheap */
    private static function cheapMonths(Crew $crew, CheapMonths $cheap): array
    {
        $dates = [];
        $month = $crew->today()->startOfMonth();
        for ($ahead = 0; $ahead < self::MONTHS; $ahead++, $month = $month->addMonth()) {
            $kinds = array_map(
                static fn (CheapKind $one): string => mb_strtolower($one->kind->name),
                $cheap->in((int) $month->format('n')),
            );
            if ($kinds !== []) {
                $more = count($kinds) - self::NAMED;
                $dates[] = new YearDate(
                    DateKind::CheapMonth,
                    "cheap-{$month->format('Y-m')}",
                    $month,
                    $month->endOfMonth()->startOfDay(),
                    implode(', ', array_slice($kinds, 0, self::NAMED))
                        .($more > 0 ? ' '.Words::of('send/dates.more', ['count' => $more]) : ''),
                );
            }
        }

        return $dates;
    }
}
