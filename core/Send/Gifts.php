<?php

declare(strict_types=1);

namespace PluckyWren\Core\Send;

use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Money\Money;

/** The sending gifts of some boxes: what is asked for them, what was paid, what was waived and what is open. */
final readonly class Gifts
{
    private function __construct(
        public Money $asked,
        public Money $paid,
        public Money $waived,
        public Money $open,
    ) {}

    /**
     * @param  iterable<array{Money, GiftState|null, Money|null}>  $boxes  what is asked for each, how it was settled,
     *                                                                    and with what
     *
     * @throws InvalidMoney If a gift is of another currency.
     */
    public static function of(iterable $boxes, Currency $currency): self
    {
        $zero = Money::zero($currency);
        [$asked, $paid, $waived, $open] = [$zero, $zero, $zero, $zero];
        foreach ($boxes as [$gift, $state, $settled]) {
            $asked = $asked->plus($gift);
            $open = $open->plus(self::lacks($gift, $state, $settled));
            match ($state) {
                GiftState::Paid => $paid = $paid->plus($settled ?? $zero),
                GiftState::Waived => $waived = $waived->plus($gift),
                null => null,
            };
        }

        return new self($asked, $paid, $waived, $open);
    }

    /**
     * Get what is still to be paid for a box: the rest, too, where more is asked now than when it was paid.
     *
     * @throws InvalidMoney If the two are of different currencies.
     */
    public static function lacks(Money $asked, ?GiftState $state, ?Money $settled): Money
    {
        $rest = $settled === null || $state === null ? $asked : $asked->minus($settled);

        return $state === GiftState::Waived || $rest->minor < 0 ? Money::zero($asked->currency) : $rest;
    }
}
