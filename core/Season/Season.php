<?php

declare(strict_types=1);

namespace PluckyWren\Core\Season;

use DateTimeImmutable;
use PluckyWren\Core\Guide\HandIn;

/**
 * A year of gathering and packing: from the day after one hand-in to the last day of the next. It goes by the year in
 * which it closes.
 */
final readonly class Season
{
    /** What is handed in so many days after the window still belongs to the season that has just closed. */
    private const LATE_DAYS = 31;

    private function __construct(public int $year, public DateTimeImmutable $from, public DateTimeImmutable $to) {}

    public static function closingIn(HandIn $handIn, int $year): self
    {
        $to = $handIn->closes(new DateTimeImmutable("{$year}-01-01"));

        return new self($year, $to->modify('-1 year')->modify('+1 day'), $to);
    }

    /** Get the season in which a day lies. */
    public static function of(HandIn $handIn, DateTimeImmutable $day): self
    {
        return self::closingIn($handIn, (int) $handIn->closes($day)->format('Y'));
    }

    /** Get the season to which a box belongs that is handed in on a day: a little late is not a year early. */
    public static function ofHandingIn(HandIn $handIn, DateTimeImmutable $day): self
    {
        return self::of($handIn, $day->modify('-'.self::LATE_DAYS.' days'));
    }

    public function holds(DateTimeImmutable $day): bool
    {
        return $day->format('Y-m-d') >= $this->from->format('Y-m-d')
            && $day->format('Y-m-d') <= $this->to->format('Y-m-d');
    }
}
