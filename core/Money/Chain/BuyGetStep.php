<?php

declare(strict_types=1);

namespace PluckyWren\Core\Money\Chain;

use Brick\Math\BigRational;
use PluckyWren\Core\Money\ExactAmount;

/** Buy so many packs, get so many more for nothing. */
final readonly class BuyGetStep implements Step
{
    /** @throws NonsenseStep If either is none. */
    public function __construct(private int $buy, private int $get)
    {
        $buy >= 1 && $get >= 1 && $buy <= 1000 && $get <= 1000 || throw NonsenseStep::buyGet($buy, $get);
    }

    public function kind(): StepKind
    {
        return StepKind::BuyGet;
    }

    /** Of seven packs at “buy two, get one”, five are paid: two of each three, and the seventh. */
    public function applied(ExactAmount $total, int $packs): ExactAmount
    {
        $group = $this->buy + $this->get;
        $paid = intdiv($packs, $group) * $this->buy + min($packs % $group, $this->buy);

        return $total->share(BigRational::nd($paid, $packs));
    }
}
