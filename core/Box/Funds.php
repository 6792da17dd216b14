<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box;

use PluckyWren\Core\Money\Money;

/** What a box may cost, and what of that goes to the drive for its shipping. */
final readonly class Funds
{
    /** @param Money|null $budget null where none was set */
    public function __construct(public Money $sendingGift, public ?Money $budget = null) {}
}
