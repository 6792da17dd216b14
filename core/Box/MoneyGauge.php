<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box;

use PluckyWren\Core\Money\Apportionment;
use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Stash\Category;

/**
 * What a box costs with its sending gift, against its budget. What has no known price is named, never taken as nothing.
 */
final readonly class MoneyGauge
{
    /**
     * @param  array<string, Money>  $byCategory  the shares of the lanes that cost something, by the lane's value; with
     *     the gift they add up to the total
     * @param  list<string>  $withoutPrice  the names of pieces that are there and whose price is not known
     * @param  list<string>  $toBuy  the names of pieces that are still to buy, so that nobody knows their price yet
     */
    private function __construct(
        public Money $total,
        public Money $sendingGift,
        public ?Money $budget,
        public array $byCategory,
        public array $withoutPrice,
        public array $toBuy,
    ) {}

    /** @throws InvalidMoney */
    public static function of(Plan $plan): self
    {
        $zero = ExactAmount::zero($plan->funds->sendingGift->currency);
        $costs = array_fill_keys(array_column(Category::cases(), 'value'), $zero);
        $unknown = ['there' => [], 'to-buy' => []];
        foreach ($plan->pieces as $piece) {
            $cost = $piece->cost();
            if ($cost === null) {
                $unknown[$piece->isToBuy() ? 'to-buy' : 'there'][] = $piece->name;
            } else {
                $lane = $piece->kind->category->value;
                $costs[$lane] = $costs[$lane]->plus($cost);
            }
        }
        $shares = array_filter($costs, static fn (ExactAmount $sum): bool => $sum->compareTo($zero) > 0);
        $byCategory = $shares === [] ? [] : Apportionment::of($shares);
        $total = array_reduce(
            $byCategory,
            static fn (Money $sum, Money $share): Money => $sum->plus($share),
            $plan->funds->sendingGift,
        );

        return new self(
            $total,
            $plan->funds->sendingGift,
            $plan->funds->budget,
            $byCategory,
            $unknown['there'],
            $unknown['to-buy'],
        );
    }

    /** Determine if it costs at least the total, and nobody knows yet how much more. */
    public function isOnlyTheLeast(): bool
    {
        return $this->withoutPrice !== [] || $this->toBuy !== [];
    }

    /** @throws InvalidMoney */
    public function isOver(): bool
    {
        return $this->budget !== null && $this->total->isMoreThan($this->budget);
    }

    /**
     * What is left of the budget, below zero where it is overspent; null where there is none.
     *
     * @throws InvalidMoney
     */
    public function left(): ?Money
    {
        return $this->budget?->minus($this->total);
    }

    /**
     * @param  int  $width  of the whole tape, in drawing units
     *
     * @throws InvalidMoney
     */
    public function tape(int $width): Tape
    {
        return Tape::of($this, $width);
    }

    /**
     * Parts of the budget, or of the total where that is more or no budget is set: where a gauge's tape ends.
     *
     * @throws InvalidMoney
     */
    public function tapeEnd(): Money
    {
        return $this->budget !== null && $this->budget->isMoreThan($this->total) ? $this->budget : $this->total;
    }
}
