<?php

declare(strict_types=1);

namespace Tests\Core\Season;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Guide\HandIn;
use PluckyWren\Core\Season\Pace;
use PluckyWren\Core\Season\Phase;
use PluckyWren\Core\Season\SeasonPath;

final class PaceTest extends TestCase
{
    /** @param list<string> $packed */
    #[DataProvider('paces')]
    public function test_it_goes_on_as_it_went_lately(
        array $packed,
        ?int $goal,
        string $today,
        int $foretold,
        ?int $weekly,
    ): void {
        $pace = Pace::of(
            array_map(static fn (string $day): DateTimeImmutable => new DateTimeImmutable($day), $packed),
            $goal,
            new DateTimeImmutable($today),
            new DateTimeImmutable('2026-12-18'),
        );

        self::assertSame([$foretold, $weekly], [$pace->foretold(), $pace->weekly()]);
    }

    /** @return iterable<string, array{list<string>, int|null, string, int, int|null}> reckoned by hand */
    public static function paces(): iterable
    {
        $eight = [
            '2026-10-02', '2026-11-03', '2026-11-03', '2026-11-10', '2026-11-12', '2026-11-17', '2026-11-20',
            '2026-11-20',
        ];
        yield 'nothing yet, no goal' => [[], null, '2026-11-27', 0, null];
        // 22 days are left; 40 boxes in them are 12.7 a week.
        yield 'nothing yet' => [[], 40, '2026-11-27', 0, 13];
        // Seven in the last 28 days, 22 days left: 5.5 more; 12 to go in 22 days are 3.8 a week.
        yield 'as in the last four weeks' => [$eight, 20, '2026-11-27', 13, 4];
        // Two packed today are two in seven days: 22 days bring 6.28 more.
        yield 'one busy evening' => [['2026-11-27', '2026-11-27'], 5, '2026-11-27', 8, 1];
        yield 'reached' => [$eight, 8, '2026-11-27', 13, 0];
        // Within 28 days only the two of the 20th; today is the last day: 2 × 1 / 28.
        yield 'on the last day' => [$eight, 20, '2026-12-18', 8, 84];
        yield 'after it' => [$eight, 20, '2026-12-19', 8, 12];
    }

    #[DataProvider('days')]
    public function test_the_year_has_five_parts(string $today, Phase $phase, int $place): void
    {
        $path = SeasonPath::of(new HandIn('12-11', '12-18', 'the hall'), new DateTimeImmutable($today));

        self::assertSame([$phase, $place], [$path->current(), $path->place(new DateTimeImmutable($today))]);
    }

    /** @return iterable<array{string, Phase, int}> 364 days from the first to the last */
    public static function days(): iterable
    {
        yield ['2025-12-19', Phase::Gather, 0];
        yield ['2026-08-02', Phase::Gather, 620];
        yield ['2026-08-03', Phase::Make, 623];
        yield ['2026-09-22', Phase::Plan, 760];
        yield ['2026-10-30', Phase::Pack, 865];
        yield ['2026-12-10', Phase::Pack, 978];
        yield ['2026-12-11', Phase::Send, 980];
        yield ['2026-12-18', Phase::Send, 1000];
    }

    public function test_each_part_ends_the_day_before_the_next(): void
    {
        $path = SeasonPath::of(new HandIn('12-11', '12-18', 'the hall'), new DateTimeImmutable('2026-11-27'));

        self::assertSame(
            ['2026-08-02', '2026-09-21', '2026-10-29', '2026-12-10', '2026-12-18'],
            array_map(static fn (Phase $phase): string => $path->ends($phase)->format('Y-m-d'), Phase::cases()),
        );
    }
}
