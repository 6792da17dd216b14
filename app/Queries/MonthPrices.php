<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\Lot;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\PriceState;
use PluckyWren\Core\Season\MonthPrice;
use PluckyWren\Core\Stash\Source;

/** What the crew in hand paid for each kind in each month, over all years. */
final class MonthPrices
{
    /** What was made or given tells nothing of prices. */
    private const SHOPS = [Source::Shop, Source::Clearance, Source::Thrift, Source::Online];

    /** @return list<MonthPrice> */
    public static function all(Currency $currency): array
    {
        $lots = Lot::query()->where('price_state', PriceState::Paid)->where('currency', $currency->code);
        $lots->whereIn('source', self::SHOPS)
            ->selectRaw(
                'kind, cast(substr(got_on, 6, 2) as integer) as month, count(*) as lots, sum(pieces) as pieces,'
                    .' sum(paid_minor) as minor',
            )
            ->groupBy('kind', 'month');

        return array_values($lots->toBase()->get()->map(static fn (object $row): MonthPrice => new MonthPrice(
            $row->kind, (int) $row->month, (int) $row->lots, (int) $row->pieces, (int) $row->minor,
        ))->all());
    }

    /** @return array<string, array{int, int}> minor units and pieces of a season, by kind */
    public static function between(string $from, string $to, Currency $currency): array
    {
        $lots = Lot::query()->where('price_state', PriceState::Paid)->where('currency', $currency->code);
        $lots->whereBetween('got_on', [$from, $to])->whereIn('source', self::SHOPS)->where('paid_minor', '>', 0)
            ->selectRaw('kind, sum(paid_minor) as minor, sum(pieces) as pieces')
            ->groupBy('kind');

        return $lots->toBase()->get()->mapWithKeys(
            static fn (object $row): array => [$row->kind => [(int) $row->minor, (int) $row->pieces]],
        )->all();
    }
}
