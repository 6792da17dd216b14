<?php

declare(strict_types=1);

namespace PluckyWren\Core\Money;

/** What was paid for a pack, parted among those who have its pieces: to the last minor unit, whoever they are. */
final class Shares
{
    /**
     * @template K of array-key
     *
     * @param  non-empty-array<K, int>  $pieces  how many each has; together all of the pack
     * @return array<K, Money> under the same keys, adding up to $paid
     *
     * @throws InvalidMoney If nobody has a piece.
     */
    public static function of(Money $paid, array $pieces): array
    {
        $each = $paid->exactly()->dividedAmong(array_sum($pieces));

        return Apportionment::of(array_map(static fn (int $count): ExactAmount => $each->times($count), $pieces));
    }
}
