<?php

declare(strict_types=1);

namespace Tests\Core\Money;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Money\Money;

final class MoneyTest extends TestCase
{
    #[DataProvider('readable')]
    public function test_it_reads_what_people_write(string $text, string $currency, int $minor): void
    {
        self::assertSame($minor, Money::parse($text, Currency::of($currency))->minor);
    }

    /** @return iterable<string, array{string, string, int}> */
    public static function readable(): iterable
    {
        yield 'a point' => ['1.25', 'EUR', 125];
        yield 'a comma' => ['1,25', 'EUR', 125];
        yield 'one decimal' => ['4.5', 'EUR', 450];
        yield 'whole' => ['12', 'EUR', 1200];
        yield 'cents alone' => ['.99', 'EUR', 99];
        yield 'zero' => ['0', 'EUR', 0];
        yield 'a sign before' => ['€ 1.25', 'EUR', 125];
        yield 'a code after' => ['1.25 EUR', 'EUR', 125];
        yield 'thousands by comma' => ['1,234.50', 'EUR', 123450];
        yield 'thousands by point' => ['1.234,50', 'EUR', 123450];
        yield 'thousands by space' => ['1 234,50', 'EUR', 123450];
        yield 'needless noughts' => ['1.2500', 'EUR', 125];
        yield 'no decimals' => ['1200', 'JPY', 1200];
        yield 'three decimals' => ['1.234', 'KWD', 1234];
        yield 'no decimals in the Pacific' => ['1200', 'XPF', 1200];
        yield 'thousandths of a dinar' => ['0,25', 'LYD', 250];
        yield 'thousands of yen by comma' => ['4,000', 'JPY', 4000];
        yield 'thousands of yen by point' => ['4.000', 'JPY', 4000];
        yield 'millions by two commas' => ['1,234,567', 'EUR', 123456700];
        yield 'lakhs' => ['1,23,456.50', 'EUR', 12345650];
        yield 'broad digits' => ['１２０', 'EUR', 12000];
        yield 'Arabic digits and marks' => ['١٬٢٣٤٫٥٠', 'EUR', 123450];
        yield 'Devanagari digits' => ['३.९५', 'EUR', 395];
        yield 'no cents, a dash' => ['5,-', 'EUR', 500];
        yield 'no cents, a point and a dash' => ['5.–', 'CHF', 500];
        yield 'no cents, two dashes' => ['12,--', 'EUR', 1200];
        yield 'a code in small letters' => ['eur 1.25', 'EUR', 125];
        yield 'a sign behind' => ['120円', 'JPY', 120];
        yield 'a sign between' => ['3€95', 'EUR', 395];
        yield 'a sign of several currencies' => ['$3.95', 'AUD', 395];
        yield 'a word with a point' => ['Fr. 4.20', 'CHF', 420];
        yield 'thousands by apostrophe' => ['1’234.50', 'CHF', 123450];
        yield 'the most' => ['10000000', 'EUR', 1_000_000_000];
    }

    #[DataProvider('unreadable')]
    public function test_it_refuses_what_is_no_amount_and_says_why(string $text, string $currency, string $why): void
    {
        $this->expectException(InvalidMoney::class);
        $this->expectExceptionMessageMatches($why);
        Money::parse($text, Currency::of($currency));
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function unreadable(): iterable
    {
        yield 'nothing' => ['', 'EUR', '/^money.unreadable/'];
        yield 'a word' => ['cheap', 'EUR', '/^money.unreadable/'];
        yield 'below zero' => ['-3', 'EUR', '/^money.below-zero/'];
        yield 'a typographic minus' => ['−3', 'EUR', '/^money.below-zero/'];
        yield 'a tenth of a cent' => ['1.255', 'EUR', '/^money.too-many-decimals .*code: EUR, digits: 2\)/'];
        yield 'decimals where there are none' => ['1.5', 'JPY', '/^money.too-many-decimals/'];
        yield 'thousands or thousandths' => ['4,000', 'EUR', '/^money.too-many-decimals/'];
        yield 'a power' => ['1e3', 'EUR', '/^money.unreadable/'];
        yield 'two points' => ['1.2.3', 'EUR', '/^money.unreadable/'];
        yield 'a point alone' => ['.', 'EUR', '/^money.unreadable/'];
        yield 'another currency' => ['$3.95', 'EUR', '/^money.other-currency .*code: EUR\)/'];
        yield 'another code' => ['3.95 usd', 'EUR', '/^money.other-currency/'];
        yield 'a word behind' => ['3.95 each', 'EUR', '/^money.unreadable/'];
        yield 'a sign between and too many behind' => ['3€955', 'EUR', '/^money.unreadable/'];
        yield 'blanks that part no thousands' => ['12 34', 'EUR', '/^money.unreadable/'];
        yield 'a nought before thousands' => ['0,125', 'EUR', '/^money.too-many-decimals/'];
        yield 'four digits before a group' => ['1234,567', 'EUR', '/^money.too-many-decimals/'];
        yield 'groups of two' => ['12,34,56', 'EUR', '/^money.unreadable/'];
        yield 'more than we reckon with' => ['10000000.01', 'EUR', '/^money.too-much \(most: 10000000.00\)/'];
        yield 'ten thousand digits' => [str_repeat('9', 10_000), 'EUR', '/^money.unreadable/'];
    }

    public function test_every_amount_survives_being_written_and_read(): void
    {
        foreach (['EUR', 'JPY', 'KWD'] as $code) {
            $currency = Currency::of($code);
            for ($minor = 0; $minor < 5000; $minor += 13) {
                self::assertSame($minor, Money::parse((new Money($minor, $currency))->format(), $currency)->minor);
            }
        }
    }

    public function test_it_is_written_with_the_decimals_of_its_currency(): void
    {
        self::assertSame('0.05', (new Money(5, Currency::of('EUR')))->format());
        self::assertSame('-0.05', (new Money(-5, Currency::of('EUR')))->format());
        self::assertSame('120', (new Money(120, Currency::of('JPY')))->format());
        self::assertSame('0.120', (new Money(120, Currency::of('KWD')))->format());
    }

    public function test_currencies_do_not_mix(): void
    {
        $this->expectException(InvalidMoney::class);
        $this->expectExceptionMessage('money.mixed-currencies (one: EUR, other: JPY)');
        (new Money(1, Currency::of('EUR')))->plus(new Money(1, Currency::of('JPY')));
    }

    public function test_a_currency_is_three_capital_letters(): void
    {
        $this->expectException(InvalidMoney::class);
        Currency::of('euro');
    }
}
