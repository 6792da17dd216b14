<?php

declare(strict_types=1);

namespace PluckyWren\Core\Money;

/** What one piece cost: a share of what was paid for the pack, nothing, or not known. */
final readonly class Price
{
    private function __construct(public PriceState $state, public ?ExactAmount $each) {}

    /**
     * @param  int  $pieces  how many pieces were got for $pack
     *
     * @throws InvalidMoney If there are no pieces.
     */
    public static function paid(Money $pack, int $pieces): self
    {
        return new self(PriceState::Paid, $pack->exactly()->dividedAmong($pieces));
    }

    /** What one costs, or is thought to cost. */
    public static function each(ExactAmount $amount): self
    {
        return new self(PriceState::Paid, $amount);
    }

    public static function free(Currency $currency): self
    {
        return new self(PriceState::Free, ExactAmount::zero($currency));
    }

    public static function unknown(): self
    {
        return new self(PriceState::Unknown, null);
    }

    /**
     * Get the smallest pack of at least so many pieces that costs a whole number of minor units at this price.
     *
     * @return array{Money, int}|null what it costs, and how many are in it; null where nothing was paid, or nobody
     *     knows what
     */
    public function packOf(int $pieces): ?array
    {
        if ($this->state !== PriceState::Paid || $this->each === null) {
            return null;
        }
        $parts = $this->each->minor->simplified()->getDenominator()->toInt();
        $pack = intdiv($pieces + $parts - 1, $parts) * $parts;

        return [$this->each->times($pack)->rounded(), $pack];
    }

    /** What $pieces of it cost, or null where the price is not known. */
    public function times(int $pieces): ?ExactAmount
    {
        return $this->each?->times($pieces);
    }
}
