<?php

declare(strict_types=1);

namespace Tests\Core\Money;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\Notation;

final class NotationTest extends TestCase
{
    #[DataProvider('written')]
    public function test_a_figure_is_written_as_people_write_it(
        Notation $notation,
        string $figure,
        string $written,
    ): void {
        self::assertSame($written, $notation->write($figure));
    }

    /** @return iterable<string, array{Notation, string, string}> */
    public static function written(): iterable
    {
        yield 'plain' => [new Notation, '1234567.50', '1234567.50'];
        yield 'commas' => [new Notation('.', ','), '1234567.50', '1,234,567.50'];
        yield 'points' => [new Notation(',', '.'), '-1234.50', '-1.234,50'];
        yield 'three digits are one group' => [new Notation('.', ','), '999.00', '999.00'];
        yield 'four are two' => [new Notation('.', ','), '1000', '1,000'];
        yield 'lakhs and crores' => [new Notation('.', ',', 3, 2), '123456789.05', '12,34,56,789.05'];
        yield 'a tenth of a cent' => [new Notation(',', '.'), '0.466', '0,466'];
    }

    /** What is written can be read again, whatever the notation and the currency. */
    public function test_what_is_written_is_read_as_the_same(): void
    {
        mt_srand(20261125);
        foreach (
            [
                new Notation,
                new Notation('.', ','),
                new Notation(',', '.'),
                new Notation(',', "\u{202F}"),
                new Notation('.', '’'),
                new Notation('.', ',', 3, 2),
            ] as $notation
        ) {
            foreach (['EUR', 'JPY', 'KWD'] as $code) {
                $currency = Currency::of($code, $notation);
                for ($try = 0; $try < 200; $try++) {
                    $money = new Money(mt_rand(0, 10 ** mt_rand(1, 7)), $currency);
                    self::assertSame($money->minor, Money::parse($money->format(), $currency)->minor, $money->format());
                    self::assertSame($money->minor, Money::parse($money->typed(), $currency)->minor, $money->typed());
                }
            }
        }
    }

    public function test_a_group_of_three_is_read_as_the_notation_has_it(): void
    {
        self::assertSame(123400, Money::parse('1,234', Currency::of('EUR', new Notation('.', ',')))->minor);
        self::assertSame(123400, Money::parse('1.234', Currency::of('EUR', new Notation(',', '.')))->minor);
        self::assertSame(1234, Money::parse('1.234', Currency::of('KWD', new Notation('.', ',')))->minor);
        self::assertSame(125, Money::parse('1.250', Currency::of('EUR', new Notation('.', ',')))->minor);
    }

    #[DataProvider('unclear')]
    public function test_what_may_be_a_thousand_or_a_slip_is_refused_however_figures_are_written(
        string $text,
        Notation $notation,
    ): void {
        $this->expectException(InvalidMoney::class);

        Money::parse($text, Currency::of('EUR', $notation));
    }

    /** @return iterable<string, array{string, Notation}> */
    public static function unclear(): iterable
    {
        yield 'a nought before a comma that parts thousands' => ['0,125', new Notation('.', ',')];
        yield 'the same with a point' => ['0.125', new Notation(',', '.')];
        yield 'four digits before the comma' => ['1234,567', new Notation('.', ',')];
        yield 'four digits before the point' => ['1234.567', new Notation(',', '.')];
        yield 'three decimals after a mark of nobody here' => ['4.000', new Notation(',', "\u{202F}")];
    }
}
