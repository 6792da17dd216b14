<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Crew;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Money\Money;

/** Keeps what a crew says that a few things cost where it shops. */
final class KeepAskedPrices
{
    /** @param array<string, Money> $prices of one, by kind */
    public function execute(Crew $crew, array $prices): void
    {
        DB::transaction(static fn () => Crew::query()->findOrFail($crew->id)->update([
            'asked_prices' => array_map(static fn (Money $price): int => $price->minor, $prices),
        ]));
    }
}
