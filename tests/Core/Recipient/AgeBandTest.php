<?php

declare(strict_types=1);

namespace Tests\Core\Recipient;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Recipient\InvalidBand;

final class AgeBandTest extends TestCase
{
    public function test_it_is_written_with_a_hyphen_and_shown_with_a_dash(): void
    {
        $band = AgeBand::parse('8-12');

        self::assertSame('8-12', $band->id());
        self::assertSame('8–12', $band->label());
    }

    #[DataProvider('pairs')]
    public function test_it_knows_how_many_years_it_shares(string $one, string $other, int $years): void
    {
        self::assertSame($years, AgeBand::parse($one)->sharedYears(AgeBand::parse($other)));
        self::assertSame($years, AgeBand::parse($other)->sharedYears(AgeBand::parse($one)));
    }

    /** @return iterable<string, array{string, string, int}> */
    public static function pairs(): iterable
    {
        yield 'the same band' => ['4-7', '4-7', 4];
        yield 'two drives, two schemes: 5, 6, 7' => ['4-7', '5-8', 3];
        yield 'one year' => ['8-12', '5-8', 1];
        yield 'none' => ['2-3', '8-12', 0];
    }

    #[DataProvider('nonsense')]
    public function test_it_refuses_what_is_no_band(string $text): void
    {
        $this->expectException(InvalidBand::class);
        AgeBand::parse($text);
    }

    /** @return iterable<string, array{string}> */
    public static function nonsense(): iterable
    {
        yield 'a word' => ['old'];
        yield 'backwards' => ['7-4'];
        yield 'open' => ['4-'];
        yield 'three figures' => ['4-100'];
    }
}
