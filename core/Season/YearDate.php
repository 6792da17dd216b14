<?php

declare(strict_types=1);

namespace PluckyWren\Core\Season;

use DateTimeImmutable;

/** Something on a day of the year, or on several in a row. */
final readonly class YearDate
{
    /**
     * @param  string  $id  the same whenever it is told again, so that a calendar changes it in place
     * @param  DateTimeImmutable  $last  the last day of it, the first one where it is one day
     * @param  string  $name  of the place or of the thing; empty where there is none
     * @param  array{DateTimeImmutable, DateTimeImmutable}|null  $hours  from when to when; null where it is whole days
     */
    public function __construct(
        public DateKind $kind,
        public string $id,
        public DateTimeImmutable $first,
        public DateTimeImmutable $last,
        public string $name = '',
        public ?array $hours = null,
    ) {}
}
