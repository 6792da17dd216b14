<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Reading;

use DateTimeImmutable;
use PluckyWren\Core\Text\Typed;

/** A day as people write it. */
final class Day
{
    /** Get `2026-08-12`, `12.08.2026` or `12/08/2026` as a day, the day before the month; null where it is none. */
    public static function read(string $text): ?DateTimeImmutable
    {
        $plain = Typed::figures($text);
        $isRead = preg_match('/^(?<y>\d{4})-(?<m>\d{1,2})-(?<d>\d{1,2})$/', $plain, $day) === 1
            || preg_match('#^(?<d>\d{1,2})[./](?<m>\d{1,2})[./](?<y>\d{4})$#', $plain, $day) === 1;

        return $isRead && checkdate((int) $day['m'], (int) $day['d'], (int) $day['y'])
            ? (new DateTimeImmutable('@0'))->setDate((int) $day['y'], (int) $day['m'], (int) $day['d'])->setTime(0, 0)
            : null;
    }
}
