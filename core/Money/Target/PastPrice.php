<?php

declare(strict_types=1);

namespace PluckyWren\Core\Money\Target;

use DateTimeImmutable;
use PluckyWren\Core\Money\ExactAmount;

/** What one piece of a kind cost on a day. */
final readonly class PastPrice
{
    public function __construct(public ExactAmount $each, public DateTimeImmutable $on, public string $where) {}

    /** As one types it for a target. */
    public function asTarget(): string
    {
        return TargetAmount::ofEach($this->each)->typed();
    }
}
