<?php

declare(strict_types=1);

namespace Tests\Core\Measure;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Measure\InvalidLength;
use PluckyWren\Core\Measure\Length;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Measure\Unit;

final class LengthTest extends TestCase
{
    #[DataProvider('readable')]
    public function test_it_reads_what_people_write(string $text, int $tenths): void
    {
        self::assertSame($tenths, Length::parse($text)->tenths);
    }

    /** @return iterable<string, array{string, int}> */
    public static function readable(): iterable
    {
        yield 'broad digits' => ['１２０', 1200];
        yield 'Arabic digits' => ['١٢', 120];
        yield 'broad digits with a unit' => ['１１．５ｃｍ', 1150];
        yield 'bare millimetres' => ['210', 2100];
        yield 'with a decimal point' => ['11.5cm', 1150];
        yield 'with a decimal comma' => ['11,5 cm', 1150];
        yield 'inches and a fraction: 4.5 x 25.4 = 114.3 mm' => ['4 1/2 in', 1143];
        yield 'with a hyphen and a quote mark' => ['4-1/2"', 1143];
        yield 'a vulgar fraction alone: 12.7 mm' => ['½ in', 127];
        yield 'a vulgar fraction after a whole' => ['4½ in', 1143];
        yield 'three eighths: 9.525 mm, rounded up' => ['3/8 in', 95];
        yield 'a typographic inch mark: 12 x 25.4' => ['12″', 3048];
        yield 'words' => ['2 inches', 508];
        yield 'capitals and spaces' => ['  31.8  CM ', 3180];
        yield 'half a tenth rounds up' => ['0.05 mm', 1];
        yield 'a decimal that starts with its point' => ['.5cm', 50];
        yield 'two metres, the most' => ['2000', 20000];
    }

    #[DataProvider('unreadable')]
    public function test_it_refuses_what_is_no_length_and_says_why(string $text, string $why): void
    {
        $this->expectException(InvalidLength::class);
        $this->expectExceptionMessageMatches($why);
        Length::parse($text);
    }

    /** @return iterable<string, array{string, string}> */
    public static function unreadable(): iterable
    {
        yield 'nothing' => ['', '/^length.unreadable/'];
        yield 'a word' => ['long', '/^length.unreadable/'];
        yield 'an unknown unit' => ['4 ells', '/^length.unreadable/'];
        yield 'below zero' => ['-3', '/^length.not-above-zero/'];
        yield 'zero' => ['0', '/^length.not-above-zero/'];
        yield 'so little that it rounds to nothing' => ['0.04', '/^length.not-above-zero/'];
        yield 'a fraction over nothing' => ['1/0 in', '/^length.unreadable/'];
        yield 'over two metres' => ['2000.1', '/^length.too-long \(most: 200\)/'];
        yield 'two numbers' => ['4 5', '/^length.unreadable/'];
        yield 'a power' => ['1e3', '/^length.unreadable/'];
        yield 'ten thousand digits' => [str_repeat('9', 10_000), '/^length.unreadable/'];
    }

    public function test_a_message_quotes_only_the_start_of_a_long_text(): void
    {
        try {
            Length::parse(str_repeat('x', 10_000));
            self::fail('It read nonsense.');
        } catch (InvalidLength $wrong) {
            self::assertLessThan(150, mb_strlen($wrong->getMessage()));
        }
    }

    public function test_a_bare_number_may_mean_another_unit(): void
    {
        self::assertSame(1143, Length::parse('4.5', Unit::Inch)->tenths);
    }

    public function test_it_is_written_in_any_unit(): void
    {
        $length = Length::ofTenths(1143);

        self::assertSame('114.3', $length->in(Unit::Millimetre));
        self::assertSame('11.43', $length->in(Unit::Centimetre));
        self::assertSame('4.5', $length->in(Unit::Inch));
        self::assertSame('100', Length::ofTenths(1000)->in(Unit::Millimetre));
    }

    public function test_every_tenth_survives_being_written_and_read_in_millimetres_and_centimetres(): void
    {
        for ($tenths = 1; $tenths <= 3000; $tenths += 7) {
            $length = Length::ofTenths($tenths);
            self::assertSame($tenths, Length::parse($length->in(Unit::Millimetre))->tenths);
            self::assertSame($tenths, Length::parse($length->in(Unit::Centimetre).' cm')->tenths);
        }
    }

    public function test_a_size_knows_its_sides_and_its_volume(): void
    {
        $soap = Size::ofMm(60, 92.5, 30);

        self::assertSame([925, 600, 300], $soap->sides());
        self::assertSame(925 * 600 * 300, $soap->volume());
        self::assertSame('60 × 92.5 × 30', $soap->in(Unit::Millimetre));
    }
}
