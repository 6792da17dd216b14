<?php

declare(strict_types=1);

namespace PluckyWren\Core\Money\Chain;

/** The kinds of steps between a list price and what was paid; the values are stored, so they are never renamed. */
enum StepKind: string
{
    case PercentOff = 'percent-off';
    case AmountOff = 'amount-off';
    case NowCosts = 'now-costs';
    case BuyGet = 'buy-get';
    case Coupon = 'coupon';
    case CreditNotPaid = 'credit-not-paid';
    case CreditPaid = 'credit-paid';
    case Tax = 'tax';
    case Carriage = 'carriage';

    /** Where in the reckoning it belongs: cuts on the shelf first, then coupon and tax, then credit and carriage. */
    public function turn(bool $taxBeforeCoupon): int
    {
        return match ($this) {
            self::PercentOff, self::AmountOff, self::NowCosts, self::BuyGet => 0,
            self::Tax => $taxBeforeCoupon ? 1 : 2,
            self::Coupon => $taxBeforeCoupon ? 2 : 1,
            self::CreditNotPaid, self::CreditPaid => 3,
            self::Carriage => 4,
        };
    }

    /** Determine if it makes the thing cheaper, as against what is laid on top or merely paid in another way. */
    public function isCut(): bool
    {
        return $this->turn(false) === 0 || $this === self::Coupon || $this === self::CreditNotPaid;
    }
}
