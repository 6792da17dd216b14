<?php

declare(strict_types=1);

namespace PluckyWren\Core\Money\Chain;

use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Money\Money;

/** An amount off the total, on top of it, or in place of it. */
final readonly class AmountStep implements Step
{
    private function __construct(private StepKind $kind, private Money $amount) {}

    public static function off(Money $amount): self
    {
        return new self(StepKind::AmountOff, $amount);
    }

    /** What one pack costs now, whatever it cost before. */
    public static function nowCosts(Money $amount): self
    {
        return new self(StepKind::NowCosts, $amount);
    }

    public static function coupon(Money $amount): self
    {
        return new self(StepKind::Coupon, $amount);
    }

    /** Points or store credit, which some count as paid and others as saved. */
    public static function credit(Money $amount, bool $countsAsPaid): self
    {
        return new self($countsAsPaid ? StepKind::CreditPaid : StepKind::CreditNotPaid, $amount);
    }

    /** This thing's share of what an order cost to send. */
    public static function carriage(Money $amount): self
    {
        return new self(StepKind::Carriage, $amount);
    }

    public function kind(): StepKind
    {
        return $this->kind;
    }

    /**
     * @throws InvalidMoney
     * @throws NonsenseStep
     */
    public function applied(ExactAmount $total, int $packs): ExactAmount
    {
        $amount = $this->amount->exactly();

        return match ($this->kind) {
            StepKind::Carriage => $total->plus($amount),
            StepKind::NowCosts => $amount->times($packs)->compareTo($total) > 0
                ? throw NonsenseStep::costsMore($this->amount, $total->dividedAmong($packs))
                : $amount->times($packs),
            default => $amount->compareTo($total) > 0
                ? throw NonsenseStep::belowZero($this->amount, $total)
                : ($this->kind === StepKind::CreditPaid ? $total : $total->minus($amount)),
        };
    }
}
