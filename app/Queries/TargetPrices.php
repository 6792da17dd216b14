<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\TargetPrice;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\Notation;
use PluckyWren\Core\Money\Target\TargetAmount;

/** What the crew in hand wants to pay. */
final class TargetPrices
{
    /** @return array<string, array<string, ExactAmount>> for one, by kind and band; for all bands by an empty one */
    public static function each(Notation $notation): array
    {
        $each = [];
        foreach (TargetPrice::query()->toBase()->get() as $row) {
            $target = new Money((int) $row->target_minor, Currency::of((string) $row->currency, $notation));
            $each[(string) $row->kind][(string) $row->band] = (new TargetAmount($target, (int) $row->pieces))->each();
        }

        return $each;
    }
}
