<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box;

use Closure;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Money\Level\PriceRange;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Stash\ItemKind;

/** What a box costs, with its sending gift, once what has no price yet has one: from the least to the most. */
final readonly class CostsThen
{
    /**
     * @param  Money  $low  minor units rounded as one sum
     * @param  int  $withoutAny  of how many pieces nobody can say what they may cost; they are not counted in
     */
    private function __construct(
        public Money $low,
        public Money $high,
        public int $withoutAny,
        private ?Money $budget,
    ) {}

    /**
     * @param  MoneyGauge  $now  of that plan
     * @param  Closure(ItemKind): (PriceRange|null)  $priceOf  what one of a kind may cost; null where nobody can say
     * @return self|null null where every price is known, or none of those that are not can be said
     *
     * @throws InvalidMoney If a price is in another currency than the sending gift.
     */
    public static function of(Plan $plan, MoneyGauge $now, Closure $priceOf): ?self
    {
        $rest = null;
        $withoutAny = 0;
        foreach ($plan->pieces as $piece) {
            if ($piece->cost() !== null) {
                continue;
            }
            $price = $priceOf($piece->kind)?->times($piece->quantity);
            $withoutAny += $price === null ? $piece->quantity : 0;
            $rest = $price === null ? $rest : ($rest?->plus($price) ?? $price);
        }
        if ($rest === null) {
            return null;
        }

        return new self(
            $now->total->plus($rest->low->rounded()),
            $now->total->plus($rest->high->rounded()),
            $withoutAny,
            $now->budget,
        );
    }

    public function isOne(): bool
    {
        return $this->low->minor === $this->high->minor;
    }

    /**
     * Determine if it is over the budget even where everything costs the least.
     *
     * @throws InvalidMoney
     */
    public function isOver(): bool
    {
        return $this->budget !== null && $this->low->isMoreThan($this->budget);
    }

    /**
     * Determine if it is over the budget only where things cost the most.
     *
     * @throws InvalidMoney
     */
    public function mayBeOver(): bool
    {
        return $this->budget !== null && ! $this->isOver() && $this->high->isMoreThan($this->budget);
    }
}
