<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box;

use PluckyWren\Core\Money\Apportionment;
use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Stash\Category;

/**
 * A box's pieces one under another, with the sum so far; the costs are written so that they add up as they are written.
 */
final readonly class Ledger
{
    /** @param list<array{piece: PlannedPiece, cost: Money|null, sum: Money}> $lines by lane */
    private function __construct(public array $lines) {}

    /** @throws InvalidMoney */
    public static function of(Plan $plan): self
    {
        $pieces = array_merge(...array_map($plan->ofCategory(...), Category::cases()));
        $exact = array_filter(
            array_map(static fn (PlannedPiece $piece): ?ExactAmount => $piece->cost(), $pieces),
        );
        $costs = $exact === [] ? [] : Apportionment::of($exact);
        $sum = Money::zero($plan->funds->sendingGift->currency);
        $lines = [];
        foreach ($pieces as $index => $piece) {
            $cost = $costs[$index] ?? null;
            $sum = $cost === null ? $sum : $sum->plus($cost);
            $lines[] = ['piece' => $piece, 'cost' => $cost, 'sum' => $sum];
        }

        return new self($lines);
    }
}
