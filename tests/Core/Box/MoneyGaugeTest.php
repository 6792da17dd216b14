<?php

declare(strict_types=1);

namespace Tests\Core\Box;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Box\MoneyGauge;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\Price;
use PluckyWren\Core\Stash\Source;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Data;

final class MoneyGaugeTest extends TestCase
{
    public function test_it_adds_up_pieces_exactly_and_the_sending_gift(): void
    {
        // One of 12 soaps for 5.52 is 46; seven of 72 pencils for 6.12 are 59.5; five of 12 combs for 2.64 are 110; the
        // gift is 900.
        $money = MoneyGauge::of(
            Plans::of(
                2000,
                Plans::piece('soap', 1, [552, 12]),
                Plans::piece('pencils', 7, [612, 72]),
                Plans::piece('comb', 5, [264, 12]),
            ),
        );

        self::assertSame(1116, $money->total->minor);
        self::assertSame(884, $money->left()?->minor);
        self::assertFalse($money->isOver());
    }

    public function test_the_shares_of_the_lanes_and_the_gift_add_up_to_the_total(): void
    {
        // Three lanes of 33.33 each: 100 together, so one lane shows the odd cent.
        $money = MoneyGauge::of(
            Plans::of(
                null,
                Plans::piece('soap', 1, [100, 3]),
                Plans::piece('pencils', 1, [100, 3]),
                Plans::piece('socks', 1, [100, 3]),
            ),
        );
        $shares = array_map(static fn (Money $share): int => $share->minor, $money->byCategory);

        self::assertSame(['school' => 34, 'care' => 33, 'wear' => 33], $shares);
        self::assertSame(1000, $money->total->minor);
        self::assertNull($money->left());
    }

    public function test_what_is_written_of_each_piece_adds_up_in_its_lane_and_in_the_whole(): void
    {
        $random = new Randomizer(new Mt19937(3));
        $ids = Data::catalogue()->ids();
        for ($round = 0; $round < 60; $round++) {
            $pieces = array_map(
                static fn (int $at): PlannedPiece => Plans::piece(
                    $ids[$random->getInt(0, count($ids) - 1)],
                    $random->getInt(1, 5),
                    $random->getInt(0, 5) === 0 ? null : [$random->getInt(0, 900), $random->getInt(1, 12)],
                    "p{$at}",
                ),
                range(1, $random->getInt(1, 20)),
            );
            $money = MoneyGauge::of(Plans::of(null, ...$pieces));
            $lanes = [];
            $exact = ExactAmount::zero(Currency::of('EUR'));
            foreach ($pieces as $piece) {
                $cost = $piece->cost();
                self::assertSame($cost === null, ! isset($money->byPiece[$piece->id]));
                if ($cost !== null) {
                    $written = $money->byPiece[$piece->id]->minor;
                    $lane = $piece->kind->category->value;
                    $lanes[$lane] = ($lanes[$lane] ?? 0) + $written;
                    $exact = $exact->plus($cost);
                    self::assertContains($written - $cost->floored()->minor, [0, 1]);
                }
            }
            $byCategory = array_map(static fn (Money $cost): int => $cost->minor, $money->byCategory);
            self::assertEquals(array_filter($lanes, static fn (int $sum): bool => $sum > 0), $byCategory);
            self::assertSame($exact->rounded()->minor + 900, $money->total->minor);
            self::assertSame(array_sum($byCategory) + 900, $money->total->minor);
        }
    }

    public function test_one_piece_costs_what_its_lane_costs(): void
    {
        // 118.5 and 100.5: together 219, so one of them is written with its odd half cent, and its lane with it.
        $money = MoneyGauge::of(Plans::of(
            null, Plans::piece('water-bottle', 1, [237, 2], 'bottle'), Plans::piece('soap', 1, [201, 2], 'soap'),
        ));
        $minor = static fn (Money $cost): int => $cost->minor;

        self::assertSame(['soap' => 101, 'bottle' => 118], array_map($minor, $money->byPiece));
        self::assertSame(['care' => 101, 'carry' => 118], array_map($minor, $money->byCategory));
    }

    #[TestWith([false], 'than the gift has')]
    #[TestWith([true], 'than another piece has')]
    public function test_another_currency_is_refused(bool $isBesideEuros): void
    {
        $piece = Plans::piece('soap', 1, null);
        $dear = new PlannedPiece(
            'dear', $piece->thing, 1, Price::paid(new Money(100, Currency::of('USD')), 1), Source::Shop,
        );

        $this->expectException(InvalidMoney::class);
        MoneyGauge::of(Plans::of(null, $dear, ...($isBesideEuros ? [Plans::piece('comb', 1, [90, 1])] : [])));
    }

    public function test_what_has_no_price_is_named_and_never_taken_as_nothing(): void
    {
        $money = MoneyGauge::of(
            Plans::of(
                2000,
                Plans::piece('soap', 1, [552, 12]),
                Plans::piece('photo-card', 1, null),
                Plans::piece('plush-small', 1, [0, 1]),
            ),
        );

        self::assertSame(['Photo card'], $money->withoutPrice);
        self::assertSame(946, $money->total->minor);
    }

    public function test_what_is_still_to_buy_is_told_apart_from_what_has_no_price(): void
    {
        $listed = PlannedPiece::toBuy('listed', Plans::piece('comb', 1, null)->kind, 1);
        $money = MoneyGauge::of(Plans::of(null, $listed, Plans::piece('photo-card', 1, null)));

        self::assertSame([['Photo card'], ['Comb']], [$money->withoutPrice, $money->toBuy]);
        self::assertTrue($money->isOnlyTheLeast());
        self::assertFalse(MoneyGauge::of(Plans::of(null, Plans::piece('soap', 1, [552, 12])))->isOnlyTheLeast());
    }

    public function test_it_says_when_the_budget_is_overspent(): void
    {
        $exact = MoneyGauge::of(Plans::of(946, Plans::piece('soap', 1, [552, 12])));
        $over = MoneyGauge::of(Plans::of(945, Plans::piece('soap', 1, [552, 12])));

        self::assertFalse($exact->isOver());
        self::assertSame(946, $exact->tapeEnd()->minor);
        self::assertTrue($over->isOver());
        self::assertSame(-1, $over->left()?->minor);
        self::assertSame(946, $over->tapeEnd()->minor);
    }
}
