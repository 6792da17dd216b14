<?php

declare(strict_types=1);

namespace PluckyWren\Core\Send;

/** What became of a box's sending gift; the values are stored, so they are never renamed. */
enum GiftState: string
{
    case Paid = 'paid';
    case Waived = 'waived';
}
