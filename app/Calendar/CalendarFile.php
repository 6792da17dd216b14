<?php

declare(strict_types=1);

namespace App\Calendar;

use App\Words\Words;
use Carbon\CarbonImmutable;
use PluckyWren\Core\Season\YearDate;
use Sabre\VObject\Component\VCalendar;

/** A crew's dates as iCalendar (RFC 5545); whole days, so that they are the same days in every time zone. */
final class CalendarFile
{
    /** @param list<YearDate> $dates */
    public static function of(array $dates, string $crewName, CarbonImmutable $now): string
    {
        $calendar = new VCalendar([
            'PRODID' => '-//Plucky Wren//Season//EN',
            'X-WR-CALNAME' => Words::of('send/dates.calendar', ['crew' => $crewName]),
        ]);
        foreach ($dates as $date) {
            $event = $calendar->createComponent('VEVENT', [
                'UID' => "{$date->id}@plucky-wren",
                'DTSTAMP' => $now->setTimezone('UTC')->format('Ymd\THis\Z'),
                'SUMMARY' => self::says($date),
                'TRANSP' => 'TRANSPARENT',
            ]);
            $event->add('DTSTART', $date->first->format('Ymd'), ['VALUE' => 'DATE']);
            // The end is the day after the last.
            $event->add('DTEND', $date->last->modify('+1 day')->format('Ymd'), ['VALUE' => 'DATE']);
            $calendar->add($event);
        }

        return $calendar->serialize();
    }

    public static function says(YearDate $date): string
    {
        return Words::of("send/dates.kinds.{$date->kind->value}", ['name' => $date->name]);
    }
}
