<?php

declare(strict_types=1);

namespace App\Calendar;

use App\Words\Words;
use Carbon\CarbonImmutable;
use DateTimeImmutable;
use DateTimeZone;
use PluckyWren\Core\Season\DateKind;
use PluckyWren\Core\Season\YearDate;
use Sabre\VObject\Component\VCalendar;

/** A crew's dates as iCalendar (RFC 5545); whole days where it can be, as they are the same in every zone. */
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
            if ($date->hours === null) {
                $event->add('DTSTART', $date->first->format('Ymd'), ['VALUE' => 'DATE']);
                // The end is the day after the last.
                $event->add('DTEND', $date->last->modify('+1 day')->format('Ymd'), ['VALUE' => 'DATE']);
            } else {
                // Told in universal time, an hour is the same hour wherever the calendar is read.
                $event->add('DTSTART', self::universal($date->hours[0]));
                $event->add('DTEND', self::universal($date->hours[1]));
            }
            $calendar->add($event);
        }

        return $calendar->serialize();
    }

    private static function universal(DateTimeImmutable $moment): string
    {
        return $moment->setTimezone(new DateTimeZone('UTC'))->format('Ymd\THis\Z');
    }

    public static function says(YearDate $date): string
    {
        $kind = $date->name === '' && $date->kind === DateKind::Evening ? 'evening-anywhere' : $date->kind->value;

        return Words::of("send/dates.kinds.{$kind}", ['name' => $date->name]);
    }
}
