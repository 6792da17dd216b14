<?php

declare(strict_types=1);

namespace Tests\Core\Measure;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Measure\Length;
use PluckyWren\Core\Measure\ShownIn;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Measure\Unit;

final class ShownInTest extends TestCase
{
    #[DataProvider('lengths')]
    public function test_a_length_is_shown_in_a_unit(int $tenths, string $mm, string $cm, string $inches): void
    {
        self::assertSame($mm, (new ShownIn)->length($tenths));
        self::assertSame($cm, (new ShownIn(Unit::Centimetre))->length($tenths));
        self::assertSame($inches, (new ShownIn(Unit::Inch))->length($tenths));
    }

    /** @return iterable<string, array{int, string, string, string}> */
    public static function lengths(): iterable
    {
        yield 'nothing' => [0, '0 mm', '0 cm', '0 in'];
        yield 'an inch' => [254, '25.4 mm', '2.54 cm', '1 in'];
        // 210 / 25.4 = 8.268: 8 and 4.28 sixteenths.
        yield 'a book' => [2100, '210 mm', '21 cm', '8 1/4 in'];
        // 11.5 / 25.4 = 0.4528: 7.24 sixteenths.
        yield 'a pencil' => [115, '11.5 mm', '1.15 cm', '7/16 in'];
        // 318 / 25.4 = 12.52: 12 and 8.31 sixteenths.
        yield 'a box' => [3180, '318 mm', '31.8 cm', '12 1/2 in'];
        // 25 / 25.4 = 0.984: 15.75 sixteenths, which is a whole one.
        yield 'nearly an inch' => [250, '25 mm', '2.5 cm', '1 in'];
        yield 'a sheet' => [2, '0.2 mm', '0.02 cm', '1/32 in'];
    }

    public function test_a_size_has_its_unit_once(): void
    {
        $size = new Size(2540, 1270, 64);

        self::assertSame('254 × 127 × 6.4 mm', (new ShownIn)->size($size));
        self::assertSame('10 × 5 × 1/4 in', (new ShownIn(Unit::Inch))->size($size));
        self::assertSame('2, 13.2 cm', (new ShownIn(Unit::Centimetre))->each([200, 1320]));
    }

    /** What is read back from inches is no further off than half a sixteenth: 0.8 mm. */
    public function test_inches_are_read_back_within_half_a_sixteenth(): void
    {
        for ($tenths = 8; $tenths <= 4000; $tenths += 7) {
            $read = Length::parse((new ShownIn(Unit::Inch))->length($tenths))->tenths;

            self::assertLessThanOrEqual(8, abs($read - $tenths), "{$tenths}");
        }
    }
}
