<?php

declare(strict_types=1);

namespace Tests\Core\Season;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Guide\HandIn;
use PluckyWren\Core\Season\YearDate;
use PluckyWren\Core\Season\YearDates;

final class YearDatesTest extends TestCase
{
    /** @param list<string> $dates */
    #[DataProvider('days')]
    public function test_the_dates_before_a_crew(string $today, array $dates): void
    {
        $handIn = new HandIn('12-11', '12-18', 'the hall', ['the hall' => '12-18', 'the school' => '12-15']);
        $due = [['id' => 'a', 'name' => 'Kites', 'day' => new DateTimeImmutable('2026-12-01')]];

        self::assertSame($dates, array_map(
            static fn (YearDate $date): string => trim(
                "{$date->kind->value} {$date->first->format('j.n.y')}-{$date->last->format('j.n.y')} {$date->name}",
            ),
            YearDates::of($handIn, new DateTimeImmutable($today), $due),
        ));
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function days(): iterable
    {
        yield 'in autumn' => ['2026-11-20 15:00', [
            'due 1.12.26-1.12.26 Kites',
            'hand-in 11.12.26-18.12.26 the hall',
            'place-closes 15.12.26-15.12.26 the school',
            'place-closes 18.12.26-18.12.26 the hall',
            'thank-you 19.12.26-1.1.27',
        ]];
        yield 'once the school is closed, and the kites are late' => ['2026-12-16', [
            'due 1.12.26-1.12.26 Kites',
            'hand-in 11.12.26-18.12.26 the hall',
            'place-closes 18.12.26-18.12.26 the hall',
            'thank-you 19.12.26-1.1.27',
        ]];
        yield 'while thanks are due' => ['2027-01-01', [
            'due 1.12.26-1.12.26 Kites',
            'thank-you 19.12.26-1.1.27',
            'hand-in 11.12.27-18.12.27 the hall',
            'place-closes 15.12.27-15.12.27 the school',
            'place-closes 18.12.27-18.12.27 the hall',
        ]];
        yield 'the day after' => ['2027-01-02', [
            'due 1.12.26-1.12.26 Kites',
            'hand-in 11.12.27-18.12.27 the hall',
            'place-closes 15.12.27-15.12.27 the school',
            'place-closes 18.12.27-18.12.27 the hall',
            'thank-you 19.12.27-1.1.28',
        ]];
    }

    public function test_a_drive_that_names_no_places_has_its_window_alone(): void
    {
        $dates = YearDates::of(new HandIn('12-11', '12-18', 'the hall'), new DateTimeImmutable('2026-11-20'), []);

        self::assertSame(
            ['hand-in-2026', 'thank-you-2026'],
            array_map(static fn (YearDate $date): string => $date->id, $dates),
        );
        self::assertSame(['the hall'], array_keys(
            (new HandIn('12-11', '12-18', 'the hall'))->places(new DateTimeImmutable('2026-11-20')),
        ));
    }
}
