<?php

declare(strict_types=1);

namespace PluckyWren\Core\Money\Chain;

use Brick\Math\BigRational;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Text\Typed;

/** Steps as people type them: `30` or `7,5 %` where a share is meant, an amount, or `2+1` for buy two, get one. */
final class StepText
{
    /**
     * @throws NonsenseStep If it is not such a figure, or cannot be.
     * @throws InvalidMoney If it is not an amount where one is meant.
     */
    public static function read(StepKind $kind, string $text, Currency $currency): Step
    {
        return match ($kind) {
            StepKind::PercentOff => PercentStep::off(self::percent($text)),
            StepKind::Tax => PercentStep::tax(self::percent($text)),
            StepKind::BuyGet => self::buyGet($text),
            StepKind::AmountOff => AmountStep::off(Money::parse($text, $currency)),
            StepKind::NowCosts => AmountStep::nowCosts(Money::parse($text, $currency)),
            StepKind::Coupon => AmountStep::coupon(Money::parse($text, $currency)),
            StepKind::CreditNotPaid => AmountStep::credit(Money::parse($text, $currency), countsAsPaid: false),
            StepKind::CreditPaid => AmountStep::credit(Money::parse($text, $currency), countsAsPaid: true),
            StepKind::Carriage => AmountStep::carriage(Money::parse($text, $currency)),
        };
    }

    /** @throws NonsenseStep */
    private static function percent(string $text): BigRational
    {
        $figure = str_replace(',', '.', trim(Typed::figures($text), ' %'));

        return preg_match('/^-?\d{1,6}(\.\d{1,4})?$/', $figure) === 1
            ? BigRational::of($figure)
            : throw NonsenseStep::unreadablePercent($text);
    }

    /** @throws NonsenseStep */
    private static function buyGet(string $text): BuyGetStep
    {
        return preg_match('/^(\d{1,4}) ?\+ ?(\d{1,4})$/', Typed::figures($text), $m) === 1
            ? new BuyGetStep((int) $m[1], (int) $m[2])
            : throw NonsenseStep::unreadableBuyGet($text);
    }
}
