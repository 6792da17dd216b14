<?php

declare(strict_types=1);

namespace PluckyWren\Core\Season;

use DateTimeImmutable;
use PluckyWren\Core\Guide\HandIn;

/** The dates that a crew has before it: what is to come, the window and its places, and when one says thank you. */
final class YearDates
{
    /** Thanks come while the giver remembers: in the two weeks after the window. */
    private const THANK_YOU_DAYS = 14;

    /**
     * @param  list<array{id: string, name: string, day: DateTimeImmutable}>  $due  what is ordered and not here yet
     * @param  list<YearDate>  $others  what the crew itself has settled, and what it has to look for
     * @return list<YearDate> the earliest first; what is over is left out, what is late is not
     */
    public static function of(HandIn $handIn, DateTimeImmutable $today, array $due, array $others = []): array
    {
        $closes = $handIn->closes($today);
        $year = $closes->format('Y');
        $dates = array_map(
            static fn (array $one): YearDate => new YearDate(
                DateKind::Due,
                "due-{$one['id']}",
                $one['day'],
                $one['day'],
                $one['name'],
            ),
            $due,
        );
        $dates[] = new YearDate(DateKind::HandIn, "hand-in-{$year}", $handIn->opens($today), $closes, $handIn->place);
        foreach ($handIn->closingDays === [] ? [] : $handIn->places($today) as $place => $day) {
            $dates[] = new YearDate(
                DateKind::PlaceCloses,
                "closes-{$year}-".substr(hash('sha256', $place), 0, 12),
                $day,
                $day,
                $place,
            );
        }
        // Just after one window the thanks of that one are still due; the window told of is next year's by then.
        $before = $closes->modify('-1 year');
        $thanked = $before->modify('+'.self::THANK_YOU_DAYS.' days') >= $today->setTime(0, 0) ? $before : $closes;
        $dates[] = new YearDate(
            DateKind::ThankYou,
            "thank-you-{$thanked->format('Y')}",
            $thanked->modify('+1 day'),
            $thanked->modify('+'.self::THANK_YOU_DAYS.' days'),
        );
        $dates = [...$dates, ...$others];
        usort($dates, static fn (YearDate $a, YearDate $b): int => [$a->first, $a->last] <=> [$b->first, $b->last]);

        return $dates;
    }
}
