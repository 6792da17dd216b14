<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Shopping;

use PluckyWren\Core\Box\MoneyGauge;
use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Money\Level\PriceRange;
use PluckyWren\Core\Money\Money;

/** What a box will have cost once it has all that it lacks, against its budget. */
final readonly class BoxOutlook
{
    /**
     * @param  Money  $soFar  with the sending gift
     * @param  ExactAmount  $expected  for the lacking pieces of which someone knows a price
     * @param  PriceRange  $estimated  for those whose price is only estimated
     * @param  int  $unpriced  how many lacking pieces nobody has a price for
     */
    private function __construct(
        public Money $soFar,
        public ExactAmount $expected,
        public PriceRange $estimated,
        public int $unpriced,
        public ?Money $budget,
    ) {}

    /**
     * @param  list<ShoppingLine>  $lines  of the whole list
     * @param  array<string, ExactAmount>  $each  what a piece of a kind costs, by the kind's id, where that is known
     * @param  array<string, PriceRange>  $estimates  what one may cost where nobody knows
     *
     * @throws InvalidMoney
     */
    public static function of(string $box, Plan $plan, array $lines, array $each, array $estimates = []): self
    {
        $money = MoneyGauge::of($plan);
        $expected = ExactAmount::zero($money->total->currency);
        $estimated = PriceRange::exactly($expected);
        $unpriced = 0;
        foreach ($lines as $line) {
            $count = $line->byBox[$box] ?? 0;
            $price = $each[$line->kind->id] ?? null;
            $estimate = $price === null ? $estimates[$line->kind->id] ?? null : null;
            $unpriced += $price === null && $estimate === null ? $count : 0;
            $expected = $price === null ? $expected : $expected->plus($price->times($count));
            $estimated = $estimate === null ? $estimated : $estimated->plus($estimate->times($count));
        }

        return new self($money->total, $expected, $estimated, $unpriced, $plan->funds->budget);
    }

    /**
     * What is still to come, from the least to the most.
     *
     * @throws InvalidMoney
     */
    public function toCome(): PriceRange
    {
        return PriceRange::exactly($this->expected)->plus($this->estimated);
    }

    /**
     * What is left of the budget then, where what is estimated costs the least: below zero it will be overspent in any
     * case; null where there is none.
     *
     * @throws InvalidMoney
     */
    public function left(): ?ExactAmount
    {
        return $this->budget?->minus($this->soFar)->exactly()->minus($this->toCome()->low);
    }

    /**
     * The same where what is estimated costs the most.
     *
     * @throws InvalidMoney
     */
    public function leftAtWorst(): ?ExactAmount
    {
        return $this->budget?->minus($this->soFar)->exactly()->minus($this->toCome()->high);
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
