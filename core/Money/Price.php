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

    public static function free(Currency $currency): self
    {
        return new self(PriceState::Free, ExactAmount::zero($currency));
    }

    public static function unknown(): self
    {
        return new self(PriceState::Unknown, null);
    }

    /** What $pieces of it cost, or null where the price is not known. */
    public function times(int $pieces): ?ExactAmount
    {
        return $this->each?->times($pieces);
    }
}
