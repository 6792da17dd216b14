<?php

declare(strict_types=1);

namespace PluckyWren\Core\Money\Receipt;

/** What a line of a receipt is that is no thing. */
enum ExtraKind: string
{
    /** Comes off: a percentage or an amount, a coupon, points. */
    case Cut = 'cut';

    /** So many of the cheapest are free. */
    case CheapestFree = 'cheapest-free';

    /** Comes on top: carriage, postage. */
    case Delivery = 'delivery';

    case Tax = 'tax';

    case Rounding = 'rounding';

    /** Paid or given back at the till, and no part of what a thing cost. */
    case Deposit = 'deposit';

    case Returned = 'returned';

    /** Things on the receipt that are not for the boxes. */
    case NotOurs = 'not-ours';

    /** Determine if it changes what things cost; what does not only belongs to the till's total. */
    public function isSpread(): bool
    {
        return match ($this) {
            self::Cut, self::CheapestFree, self::Delivery, self::Tax, self::Rounding => true,
            self::Deposit, self::Returned, self::NotOurs => false,
        };
    }
}
