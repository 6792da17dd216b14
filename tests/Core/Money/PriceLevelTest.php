<?php

declare(strict_types=1);

namespace Tests\Core\Money;

use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Money\Level\PriceLevel;
use PluckyWren\Core\Money\Money;
use Tests\Core\Data;

final class PriceLevelTest extends TestCase
{
    private const INDEX = ['soap' => 100, 't-shirt' => 220, 'plush-small' => 220, 'comb' => 35, 'ball' => 320];

    /** Soap at 0.80 says 0.80 for 100, a T-shirt at 2.20 1.00, a plush at 3.30 1.50: 1.00 is in the middle. */
    public function test_three_prices_set_the_level(): void
    {
        $level = self::level(['soap' => 80, 't-shirt' => 220, 'plush-small' => 330]);

        self::assertSame(3, $level->count());
        self::assertSame(['2.56', '3.84'], self::range($level, 320));
        self::assertSame(['0.28', '0.42'], self::range($level, 35));
    }

    /** 0.50, 1.00, 1.50 and 2.00 for 100: 1.25 in the middle, 1.00 and 1.50 at the quarters: 20 % either way. */
    public function test_with_more_prices_their_own_spread_counts(): void
    {
        $level = self::level(['soap' => 50, 't-shirt' => 220, 'plush-small' => 330, 'ball' => 640]);

        self::assertSame(['1.00', '1.50'], self::range($level, 100));
    }

    public function test_without_a_price_nothing_is_estimated(): void
    {
        self::assertNull(self::level([])->estimate(100));
        self::assertNull(self::level(['soap' => 80, 'comb' => 35])->estimate(100), 'Two are too few.');
        self::assertNull(self::level(['soap' => 80, 'comb' => 35, 'ball' => 320])->estimate(null));
        self::assertNull(self::level(['soap' => 0])->estimate(100), 'What was free says nothing of prices.');
    }

    public function test_one_odd_price_does_not_move_it(): void
    {
        $usual = ['soap' => 100, 't-shirt' => 220, 'plush-small' => 220, 'ball' => 320];

        self::assertSame(self::range(self::level($usual), 35), self::range(self::level($usual + ['comb' => 3500]), 35));
    }

    public function test_every_kind_has_an_index_and_soap_is_a_hundred(): void
    {
        $catalogue = Data::catalogue();
        self::assertSame(100, $catalogue->priceIndex('soap'));
        foreach ($catalogue->ids() as $id) {
            self::assertNotNull($catalogue->priceIndex($id), $id);
        }
    }

    /** @param array<string, int> $minor */
    private static function level(array $minor): PriceLevel
    {
        return PriceLevel::of(
            Currency::of('USD'),
            array_map(static fn (int $one): ExactAmount => (new Money($one, Currency::of('USD')))->exactly(), $minor),
            static fn (string $kind): ?int => self::INDEX[$kind] ?? null,
        );
    }

    /** @return list<string> */
    private static function range(PriceLevel $level, int $index): array
    {
        $range = $level->estimate($index);

        return $range === null ? [] : [$range->low->rounded()->plain(), $range->high->rounded()->plain()];
    }
}
