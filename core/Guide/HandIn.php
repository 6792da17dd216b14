<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide;

use DateTimeImmutable;

/** The week in which a drive takes boxes, the same days each year. */
final readonly class HandIn
{
    /** A year without a leap day, as a window has to open every year. */
    private const COMMON_YEAR = 2027;

    /**
     * @param  string  $from  month and day, `12-11`
     * @param  string  $to  month and day, the last day included
     * @param  array<string, string>  $closingDays  places to hand in, each with its own last day, month and day
     * @param  array<string, string>  $hours  when a place is open, by its name, in the guide's words
     *
     * @throws InvalidGuide If one of them is no day that comes every year.
     */
    public function __construct(
        private string $from,
        private string $to,
        public string $place,
        public array $closingDays = [],
        public array $hours = [],
    ) {
        foreach ([$from, $to, ...array_values($closingDays)] as $day) {
            preg_match('/^\d\d-\d\d$/', $day) === 1
                && checkdate((int) substr($day, 0, 2), (int) substr($day, 3), self::COMMON_YEAR)
                || throw InvalidGuide::noSuchDay($day);
        }
    }

    /** The first day of the window that is open on $today, or of the next one. */
    public function opens(DateTimeImmutable $today): DateTimeImmutable
    {
        $closes = $this->closes($today);

        return $closes->setDate((int) $closes->format('Y'), ...self::monthAndDay($this->from));
    }

    /** The last day of the window that is open on $today, or of the next one. */
    public function closes(DateTimeImmutable $today): DateTimeImmutable
    {
        $day = $today->setTime(0, 0);
        $closes = $day->setDate((int) $day->format('Y'), ...self::monthAndDay($this->to));

        return $closes < $day ? $closes->modify('+1 year') : $closes;
    }

    /** Days until it opens; 0 while it is open. */
    public function daysUntil(DateTimeImmutable $today): int
    {
        $opens = $this->opens($today);

        return $opens <= $today ? 0 : (int) $today->setTime(0, 0)->diff($opens)->days;
    }

    /**
     * Get where boxes are taken in the window that is open on $today, or in the next one, and on which day last.
     *
     * @return array<string, DateTimeImmutable> by the place's name, the earliest first, without those that closed
     */
    public function places(DateTimeImmutable $today): array
    {
        $closes = $this->closes($today);
        $places = array_map(
            static fn (string $day): DateTimeImmutable => $closes->setDate(
                (int) $closes->format('Y'),
                ...self::monthAndDay($day),
            ),
            $this->closingDays,
        );
        $open = array_filter($places, static fn (DateTimeImmutable $day): bool => $day >= $today->setTime(0, 0));
        asort($open);

        return $places === [] ? [$this->place => $closes] : $open;
    }

    /** The first last day that one of its places has: after that, one has to know where to go. */
    public function firstLastDay(DateTimeImmutable $today): DateTimeImmutable
    {
        return array_values($this->places($today))[0] ?? $this->closes($today);
    }

    /** @return array{int, int} */
    private static function monthAndDay(string $text): array
    {
        [$month, $day] = explode('-', $text);

        return [(int) $month, (int) $day];
    }
}
