<?php

declare(strict_types=1);

namespace PluckyWren\Core\Money;

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
        $whole = array_map(static fn (ExactAmount $part): Money => $part->floored(), $parts);
        $zero = ExactAmount::zero($parts[array_key_first($parts)]->currency);
        $sum = array_reduce(
            $parts,
            static fn (ExactAmount $sum, ExactAmount $part): ExactAmount => $sum->plus($part),
            $zero,
        );
        $short = $sum->rounded()->minor - array_sum(array_map(static fn (Money $money): int => $money->minor, $whole));

        $byRemainder = array_map(
            static fn (ExactAmount $part): ExactAmount => $part->minus($part->floored()->exactly()),
            $parts,
        );
        uasort($byRemainder, static fn (ExactAmount $a, ExactAmount $b): int => $b->compareTo($a));
        foreach (array_slice(array_keys($byRemainder), 0, $short) as $key) {
            $whole[$key] = new Money($whole[$key]->minor + 1, $whole[$key]->currency);
        }

        return $whole;
    }
}
