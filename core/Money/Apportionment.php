<?php

declare(strict_types=1);

namespace PluckyWren\Core\Money;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;

/** Rounds the parts of a sum so that what is shown still adds up to the rounded sum (largest remainder). */
final class Apportionment
{
    /**
     * @template K of array-key
     *
     * @param  non-empty-array<K, ExactAmount>  $parts  none below zero
     * @return array<K, Money> under the same keys, adding up to the rounded sum of the parts
     *
     * @throws InvalidMoney
     */
    public static function of(array $parts): array
    {
        $currency = $parts[array_key_first($parts)]->currency;
        $whole = $rests = [];
        $sum = BigRational::zero();
        foreach ($parts as $key => $part) {
            if (! $part->currency->equals($currency)) {
                throw InvalidMoney::mixedCurrencies($currency, $part->currency);
            }
            [$whole[$key], $rest] = $part->parted();
            if (! $rest->isZero()) {
                $rests[$key] = $rest;
                $sum = $sum->plus($rest)->simplified();
            }
        }
        $short = $sum->toScale(0, RoundingMode::HALF_UP)->toInt();
        if ($short > 0) {
            uasort($rests, static fn (BigRational $one, BigRational $other): int => $other->compareTo($one));
        }
        foreach (array_slice(array_keys($rests), 0, $short) as $key) {
            $whole[$key] = new Money($whole[$key]->minor + 1, $currency);
        }

        return $whole;
    }
}
