<?php

declare(strict_types=1);

namespace Tests\Core\Season;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Guide\HandIn;
use PluckyWren\Core\Season\Season;

final class SeasonTest extends TestCase
{
    #[DataProvider('days')]
    public function test_a_day_lies_in_the_season_that_closes_next(
        string $day,
        int $year,
        string $from,
        string $to,
    ): void {
        $season = Season::of(new HandIn('12-11', '12-18', 'the quay'), new DateTimeImmutable($day));

        self::assertSame(
            [$year, $from, $to],
            [$season->year, $season->from->format('Y-m-d'), $season->to->format('Y-m-d')],
        );
        self::assertTrue($season->holds(new DateTimeImmutable($day)));
    }

    /** @return iterable<string, array{string, int, string, string}> */
    public static function days(): iterable
    {
        yield 'in autumn' => ['2026-11-18', 2026, '2025-12-19', '2026-12-18'];
        yield 'the last day' => ['2026-12-18', 2026, '2025-12-19', '2026-12-18'];
        yield 'the first day of the next' => ['2026-12-19', 2027, '2026-12-19', '2027-12-18'];
        yield 'in January' => ['2027-01-02', 2027, '2026-12-19', '2027-12-18'];
    }

    #[DataProvider('deliveries')]
    public function test_what_is_handed_in_a_little_late_belongs_to_the_season_that_closed(string $day, int $year): void
    {
        self::assertSame(
            $year,
            Season::ofHandingIn(new HandIn('12-11', '12-18', 'the quay'), new DateTimeImmutable($day))->year,
        );
    }

    /** @return iterable<string, array{string, int}> */
    public static function deliveries(): iterable
    {
        yield 'in the window' => ['2026-12-12', 2026];
        yield 'on its last day' => ['2026-12-18', 2026];
        yield 'two days late' => ['2026-12-20', 2026];
        yield 'a month late' => ['2027-01-18', 2026];
        yield 'longer than that' => ['2027-01-19', 2027];
        yield 'weeks early' => ['2026-11-20', 2026];
    }
}
