<?php

declare(strict_types=1);

namespace Tests\Core\Send\Trip;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Guide\HandIn;
use PluckyWren\Core\Send\Trip\TripDoubt;

final class TripDoubtTest extends TestCase
{
    /** @param list<TripDoubt> $doubts */
    #[DataProvider('trips')]
    public function test_a_trip_is_doubted_where_nobody_would_take_the_boxes(
        string $place,
        string $day,
        array $doubts,
    ): void {
        $handIn = new HandIn('12-11', '12-18', 'the quay hall', ['the quay hall' => '12-18', 'Lock House' => '12-15']);

        self::assertSame($doubts, TripDoubt::of($handIn, $place, new DateTimeImmutable($day)));
    }

    /** @return iterable<array{string, string, list<TripDoubt>}> */
    public static function trips(): iterable
    {
        yield ['the quay hall', '2026-12-11', []];
        yield ['the quay hall', '2026-12-18', []];
        yield ['Lock House', '2026-12-15', []];
        yield ['Lock House', '2026-12-16', [TripDoubt::PlaceClosed]];
        yield ['Lock House', '2026-12-19', [TripDoubt::WindowClosed]];
        yield ['the quay hall', '2026-12-10', [TripDoubt::NotOpenYet]];
        yield ['the quay hall', '2027-01-05', [TripDoubt::WindowClosed]];
        yield ['the quay hall', '2027-04-01', [TripDoubt::NotOpenYet]];
        yield ['Ines’s porch', '2026-12-12', [TripDoubt::UnknownPlace]];
    }
}
