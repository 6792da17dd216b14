<?php

declare(strict_types=1);

namespace PluckyWren\Core\Money;

/** Whether a price is known; the values are stored, so they are never renamed. Free is not unknown. */
enum PriceState: string
{
    case Paid = 'paid';
    case Free = 'free';
    case Unknown = 'unknown';
}
