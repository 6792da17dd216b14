<?php

declare(strict_types=1);

namespace App\Queries;

use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Money\Money;

/** What a piece of each kind may cost, or did on average where the crew in hand set no target. */
final class KindPrices
{
    /** @return array<string, ExactAmount> by kind; a kind that was never bought and has no target is not there */
    public static function all(Currency $currency): array
    {
        $sums = [];
        foreach (MonthPrices::all($currency) as $price) {
            $sums[$price->kind][0] = ($sums[$price->kind][0] ?? 0) + $price->minor;
            $sums[$price->kind][1] = ($sums[$price->kind][1] ?? 0) + $price->pieces;
        }
        $prices = array_map(
            static fn (array $sum): ExactAmount => (new Money($sum[0], $currency))->exactly()->dividedAmong($sum[1]),
            $sums,
        );
        $forAllBands = array_map(
            static fn (array $byBand): ?ExactAmount => $byBand[''] ?? null,
            TargetPrices::each($currency->notation),
        );

        return array_replace($prices, array_filter($forAllBands));
    }
}
