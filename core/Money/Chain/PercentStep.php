<?php

declare(strict_types=1);

namespace PluckyWren\Core\Money\Chain;

use Brick\Math\BigRational;
use PluckyWren\Core\Money\ExactAmount;

/** A share off the price, or a tax on top of it. */
final readonly class PercentStep implements Step
{
    private function __construct(private StepKind $kind, private BigRational $percent) {}

    /** @throws NonsenseStep If it is below zero or over a hundred. */
    public static function off(BigRational $percent): self
    {
        return $percent->isNegative() || $percent->isGreaterThan(100)
            ? throw NonsenseStep::percentOff($percent)
            : new self(StepKind::PercentOff, $percent);
    }

    /** @throws NonsenseStep If it is below zero or over a hundred. */
    public static function tax(BigRational $percent): self
    {
        return $percent->isNegative() || $percent->isGreaterThan(100)
            ? throw NonsenseStep::tax($percent)
            : new self(StepKind::Tax, $percent);
    }

    public function kind(): StepKind
    {
        return $this->kind;
    }

    public function applied(ExactAmount $total, int $packs): ExactAmount
    {
        $share = $this->kind === StepKind::Tax
            ? $this->percent->plus(100)
            : BigRational::of(100)->minus($this->percent);

        return $total->share($share->dividedBy(100));
    }
}
