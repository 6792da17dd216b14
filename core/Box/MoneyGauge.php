<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box;

use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Stash\Category;

/**
 * What a box costs with its sending gift, against its budget. What has no known price is named, never taken as nothing.
 */
final readonly class MoneyGauge
{
    /**
     * @param  array<string, Money>  $byPiece  see `PieceCosts`
     * @param  array<string, Money>  $byCategory  what the lanes cost of which any costs something, by the lane's value:
     *     their pieces add up to it, and they with the gift to the total
     * @param  list<string>  $withoutPrice  the names of pieces that are there and whose price is not known
     * @param  list<string>  $toBuy  the names of pieces that are still to buy, so that nobody knows their price yet
     */
    private function __construct(
        public Money $total,
        public Money $sendingGift,
        public ?Money $budget,
        public array $byPiece,
        public array $byCategory,
        public array $withoutPrice,
        public array $toBuy,
    ) {}

    /** @throws InvalidMoney */
    public static function of(Plan $plan): self
    {
        $total = $plan->funds->sendingGift;
        $byPiece = PieceCosts::of($plan);
        $lanes = array_fill_keys(array_column(Category::cases(), 'value'), Money::zero($total->currency));
        $unknown = ['there' => [], 'to-buy' => []];
        foreach ($plan->pieces as $piece) {
            $cost = $byPiece[$piece->id] ?? null;
            if ($cost === null) {
                $unknown[$piece->isToBuy() ? 'to-buy' : 'there'][] = $piece->name;
            } else {
                $total = $total->plus($cost);
                $lanes[$piece->kind->category->value] = $lanes[$piece->kind->category->value]->plus($cost);
            }
        }

        return new self(
            $total,
            $plan->funds->sendingGift,
            $plan->funds->budget,
            $byPiece,
            array_filter($lanes, static fn (Money $sum): bool => ! $sum->isZero()),
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
