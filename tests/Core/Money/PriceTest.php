<?php

declare(strict_types=1);

namespace Tests\Core\Money;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Money\Apportionment;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\Price;

final class PriceTest extends TestCase
{
    use TestTrait;

    #[DataProvider('packs')]
    public function test_a_piece_costs_its_exact_share_of_the_pack(
        int $minor,
        int $pieces,
        int $taken,
        int $cost,
        string $each,
    ): void {
        $price = Price::paid(self::euro($minor), $pieces);

        self::assertSame($cost, $price->times($taken)?->rounded()->minor);
        self::assertSame($each, $price->each?->format());
    }

    #[DataProvider('exactPacks')]
    public function test_the_smallest_pack_that_costs_whole_cents(
        int $minor,
        int $pieces,
        int $taken,
        int $packMinor,
        int $packPieces,
    ): void {
        $pack = Price::paid(self::euro($minor), $pieces)->packOf($taken);

        self::assertEquals([self::euro($packMinor), $packPieces], $pack);
    }

    /**
     * @return iterable<string, array{int, int, int, int, int}> cents, pieces, how many of them, and the pack's cents
     *     and pieces
     */
    public static function exactPacks(): iterable
    {
        yield 'two of seven for 12.00: all seven' => [1200, 7, 2, 1200, 7];
        yield 'eight of seven at that price: two packs' => [1200, 7, 8, 2400, 14];
        yield 'three of twelve for 5.52: 46 cents each' => [552, 12, 3, 138, 3];
        yield 'one of 72 for 6.12: 8.5 cents, so two' => [612, 72, 1, 17, 2];
    }

    public function test_what_nobody_paid_for_has_no_pack(): void
    {
        self::assertNull(Price::unknown()->packOf(2));
        self::assertNull(Price::free(Currency::of('EUR'))->packOf(2));
    }

    /** @return iterable<string, array{int, int, int, int, string}> */
    public static function packs(): iterable
    {
        yield 'a dozen soaps at 5.52: 0.46 each' => [552, 12, 1, 46, '0.46'];
        yield 'eight of 72 pencils at 6.12: 8 x 8.5 cents' => [612, 72, 8, 68, '0.085'];
        yield 'seven of them: 59.5 cents, half up' => [612, 72, 7, 60, '0.085'];
        yield 'a third of a unit' => [100, 3, 1, 33, '0.333'];
        yield 'all three thirds are the whole again' => [100, 3, 3, 100, '0.333'];
        yield 'dear pieces are said to the cent: 12.61 by 3 is 4.2033' => [1261, 3, 1, 420, '4.20'];
        yield 'a cent among ten thousand' => [1, 10_000, 1, 0, '0.000'];
    }

    public function test_unknown_is_neither_free_nor_nothing(): void
    {
        self::assertNull(Price::unknown()->times(3));
        self::assertNull(Price::unknown()->each);
        self::assertSame(0, Price::free(Currency::of('EUR'))->times(3)?->rounded()->minor);
    }

    public function test_a_pack_holds_at_least_one_piece(): void
    {
        $this->expectException(InvalidMoney::class);
        Price::paid(self::euro(100), 0);
    }

    public function test_rounded_parts_always_add_up_to_the_rounded_sum(): void
    {
        $this->limitTo(200)
            ->forAll(Generators::seq(Generators::tuple(Generators::choose(0, 5000), Generators::choose(1, 60))))
            ->then(
                static function (array $packs): void {
                    if ($packs === []) {
                        return;
                    }
                    $parts = [];
                    /** @var array{int, int} $pack */
                    foreach ($packs as $pack) {
                        $parts[] = self::euro($pack[0])->exactly()->dividedAmong($pack[1]);
                    }
                    $sum = array_reduce(
                        $parts,
                        static fn (ExactAmount $sum, ExactAmount $part): ExactAmount => $sum->plus($part),
                        ExactAmount::zero(Currency::of('EUR')),
                    );
                    $shown = Apportionment::of($parts);

                    self::assertSame(
                        $sum->rounded()->minor,
                        array_sum(array_map(static fn (Money $part): int => $part->minor, $shown)),
                    );
                    foreach ($shown as $key => $part) {
                        self::assertContains($part->minor - $parts[$key]->floored()->minor, [0, 1]);
                    }
                },
            );
    }

    public function test_the_largest_remainders_are_rounded_up_first(): void
    {
        $third = self::euro(100)->exactly()->dividedAmong(3);
        $half = self::euro(125)->exactly()->dividedAmong(2);

        $shown = Apportionment::of(['a' => $third, 'b' => $half, 'c' => $third]);

        // 33.33 + 62.5 + 33.33 = 129.17, shown as 129: one cent goes to the half.
        self::assertSame(
            ['a' => 33, 'b' => 63, 'c' => 33],
            array_map(static fn (Money $part): int => $part->minor, $shown),
        );
    }

    private static function euro(int $minor): Money
    {
        return new Money($minor, Currency::of('EUR'));
    }
}
