<?php

declare(strict_types=1);

namespace PluckyWren\Core\Season;

use DateTimeImmutable;

/** One part of the year, and where it lies on the way through it. */
final readonly class Stretch
{
    /**
     * @param  DateTimeImmutable  $to  its last day
     * @param  int  $place  where it begins, in thousandths of the season
     * @param  int  $length  likewise
     */
    public function __construct(
        public Phase $phase,
        public DateTimeImmutable $from,
        public DateTimeImmutable $to,
        public int $place,
        public int $length,
    ) {}
}
