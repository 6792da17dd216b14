<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Shopping;

use PluckyWren\Core\Box\MoneyGauge;
use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Money\Money;

/** What a box will have cost once it has all that it lacks, against its budget. */
final readonly class BoxOutlook
{
    /**
     * @param  Money  $soFar  with the sending gift
     * @param  ExactAmount  $expected  for the lacking pieces of which someone knows a price
     * @param  int  $unpriced  how many lacking pieces nobody has a price for
     */
    private function __construct(
        public Money $soFar,
        public ExactAmount $expected,
        public int $unpriced,
        public ?Money $budget,
    ) {}

    /**
     * @param  list<ShoppingLine>  $lines  of the whole list
     * @param  array<string, ExactAmount>  $each  what a piece of a kind costs, by the kind's id, where that is known
     *
     * @throws InvalidMoney
     */
    public static function of(string $box, Plan $plan, array $lines, array $each): self
    {
        $money = MoneyGauge::of($plan);
        $expected = ExactAmount::zero($money->total->currency);
        $unpriced = 0;
        foreach ($lines as $line) {
            $count = $line->byBox[$box] ?? 0;
            $price = $each[$line->kind->id] ?? null;
            $unpriced += $price === null ? $count : 0;
            $expected = $price === null ? $expected : $expected->plus($price->times($count));
        }

        return new self($money->total, $expected, $unpriced, $plan->funds->budget);
    }

    /**
     * What is left of the budget then, below zero where it will be overspent; null where there is none.
     *
     * @throws InvalidMoney
     */
    public function left(): ?ExactAmount
    {
        return $this->budget?->minus($this->soFar)->exactly()->minus($this->expected);
    }

    /** @throws InvalidMoney */
    public function isOver(): bool
    {
        $left = $this->left();

        return $left !== null && $left->compareTo(ExactAmount::zero($left->currency)) < 0;
    }

    /**
     * What each piece without a known price may cost on average; null where there is none, or nothing is left for it.
     *
     * @throws InvalidMoney
     */
    public function eachOfTheRest(): ?ExactAmount
    {
        return $this->unpriced > 0 && ! $this->isOver() ? $this->left()?->dividedAmong($this->unpriced) : null;
    }
}
