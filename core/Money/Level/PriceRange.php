<?php

declare(strict_types=1);

namespace PluckyWren\Core\Money\Level;

use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Money\InvalidMoney;

/** From what to what something may cost. */
final readonly class PriceRange
{
    public function __construct(public ExactAmount $low, public ExactAmount $high) {}

    /** The same price at both ends: one that is known. */
    public static function exactly(ExactAmount $amount): self
    {
        return new self($amount, $amount);
    }

    public function times(int $pieces): self
    {
        return new self($this->low->times($pieces), $this->high->times($pieces));
    }

    /** @throws InvalidMoney If the currencies differ. */
    public function plus(self $that): self
    {
        return new self($this->low->plus($that->low), $this->high->plus($that->high));
    }

    /** Determine if it is one price, to the minor unit. */
    public function isOne(): bool
    {
        return $this->low->rounded()->minor === $this->high->rounded()->minor;
    }
}
