<?php

declare(strict_types=1);

namespace Tests\Core\Money;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\Target\TargetAmount;

final class TargetAmountTest extends TestCase
{
    #[DataProvider('targets')]
    public function test_it_reads_a_price_a_piece_or_a_packs(string $text, int $minor, int $pieces, string $typed): void
    {
        $target = TargetAmount::parse($text, Currency::of('EUR'));

        self::assertSame([$minor, $pieces, $typed], [$target->paid->minor, $target->pieces, $target->typed()]);
    }

    /** @return iterable<string, array{string, int, int, string}> */
    public static function targets(): iterable
    {
        yield 'a piece' => ['0,35', 35, 1, '0.35'];
        yield 'a pack of 72' => ['2.76/72', 276, 72, '2.76/72'];
        yield 'with blanks' => ['2.76 / 72', 276, 72, '2.76/72'];
        yield 'in other digits' => ['２．７６／７２', 276, 72, '2.76/72'];
    }

    #[DataProvider('nonsense')]
    public function test_it_refuses_what_is_none(string $text): void
    {
        $this->expectException(InvalidMoney::class);
        TargetAmount::parse($text, Currency::of('EUR'));
    }

    /** @return iterable<string, array{string}> */
    public static function nonsense(): iterable
    {
        yield 'for none' => ['2.76/0'];
        yield 'for more than a lot holds' => ['2.76/10001'];
        yield 'of no amount' => ['/72'];
        yield 'nothing' => [''];
    }

    public function test_a_price_is_taken_over_to_its_last_fraction(): void
    {
        $each = (new Money(276, Currency::of('EUR')))->exactly()->dividedAmong(72);

        self::assertSame('0.23/6', TargetAmount::ofEach($each)->typed());
        self::assertSame(0, TargetAmount::ofEach($each)->each()->compareTo($each));
    }
}
