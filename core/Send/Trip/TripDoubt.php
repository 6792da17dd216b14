<?php

declare(strict_types=1);

namespace PluckyWren\Core\Send\Trip;

use DateTimeImmutable;
use PluckyWren\Core\Guide\HandIn;

/** What is wrong with going to a place on a day. */
enum TripDoubt: string
{
    case NotOpenYet = 'not-open-yet';
    case PlaceClosed = 'place-closed';
    case WindowClosed = 'window-closed';
    case UnknownPlace = 'unknown-place';

    /** Who comes so many days after the window meant this one, not next year's. */
    private const LATE_DAYS = 60;

    /** @return list<self> */
    public static function of(HandIn $handIn, string $place, DateTimeImmutable $day): array
    {
        // The window that $day is in or near: the one that was open lately, else the next one.
        $near = $day->modify('-'.self::LATE_DAYS.' days');
        $opens = $handIn->opens($near);
        $closes = $handIn->closes($near);
        $lastDay = $handIn->places($opens)[$place] ?? null;

        return array_values(array_filter([
            $day < $opens ? self::NotOpenYet : null,
            $day > $closes ? self::WindowClosed : null,
            $lastDay !== null && $day > $lastDay && $day <= $closes ? self::PlaceClosed : null,
            $lastDay === null ? self::UnknownPlace : null,
        ]));
    }
}
