<?php

declare(strict_types=1);

namespace Tests\Core\Guide;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Guide\HandIn;

final class HandInTest extends TestCase
{
    #[DataProvider('days')]
    public function test_it_counts_the_days_until_the_window_opens(string $today, int $days, string $opens): void
    {
        $handIn = new HandIn('12-11', '12-18', 'the quay hall');
        $day = new DateTimeImmutable($today);

        self::assertSame($days, $handIn->daysUntil($day));
        self::assertSame($opens, $handIn->opens($day)->format('Y-m-d'));
    }

    /** @return iterable<string, array{string, int, string}> */
    public static function days(): iterable
    {
        yield 'in November: 12 days left of it and 11' => ['2026-11-18 22:30', 23, '2026-12-11'];
        yield 'the day before, late' => ['2026-12-10 23:59', 1, '2026-12-11'];
        yield 'the first day' => ['2026-12-11 08:00', 0, '2026-12-11'];
        yield 'the last day, late' => ['2026-12-18 23:00', 0, '2026-12-11'];
        yield 'the day after: next year' => ['2026-12-19 00:01', 357, '2027-12-11'];
    }
}
