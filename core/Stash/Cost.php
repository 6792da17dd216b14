<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

use LogicException;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\Price;
use PluckyWren\Core\Money\PriceState;

/** What a lot cost, as far as anybody knows. */
final readonly class Cost
{
    /**
     * @param  Money|null  $paid  for all of it; null where it was free, or nobody knows
     * @param  Money|null  $list  what the same pieces cost before any cut
     * @param  int|null  $packPieces  how many are in the shop's pack; null where nobody knows
     */
    private function __construct(
        public PriceState $state,
        public Currency $currency,
        public ?Money $paid,
        public ?Money $list,
        public ?int $packPieces,
    ) {}

    /**
     * The one place where it is decided whether a lot was paid for, was free, or has no known price: an amount is paid,
     * a nought is free, and where nothing is said a gift is free and a purchase is unknown.
     *
     * @param  Money|null  $paid  as it was typed
     * @param  PriceState|null  $said  free or unknown, where somebody said so in so many words
     */
    public static function decided(
        Source $source,
        Currency $currency,
        ?Money $paid,
        ?PriceState $said = null,
        ?Money $list = null,
        ?int $packPieces = null,
    ): self {
        $state = match (true) {
            $paid !== null && ! $paid->isZero() => PriceState::Paid,
            $said === PriceState::Unknown => PriceState::Unknown,
            $said === PriceState::Free, $paid !== null, $source->isUsuallyFree() => PriceState::Free,
            default => PriceState::Unknown,
        };

        return new self($state, $currency, $state === PriceState::Paid ? $paid : null, $list, $packPieces);
    }

    /** As it was decided before. */
    public static function fromRow(
        PriceState $state,
        Currency $currency,
        ?Money $paid,
        ?Money $list,
        ?int $packPieces,
    ): self {
        return new self($state, $currency, $paid, $list, $packPieces);
    }

    /**
     * The price of one of $pieces.
     *
     * @throws InvalidMoney Where there are none.
     */
    public function price(int $pieces): Price
    {
        return match ($this->state) {
            PriceState::Paid => Price::paid(
                $this->paid ?? throw new LogicException('What is paid has an amount.'),
                $pieces,
            ),
            PriceState::Free => Price::free($this->currency),
            PriceState::Unknown => Price::unknown(),
        };
    }
}
