<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box;

use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Money\Money;

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
        $costs = PieceCosts::of($plan);
        $sum = Money::zero($plan->funds->sendingGift->currency);
        $lines = [];
        foreach (PieceCosts::byLane($plan) as $piece) {
            $cost = $costs[$piece->id] ?? null;
            $sum = $cost === null ? $sum : $sum->plus($cost);
            $lines[] = ['piece' => $piece, 'cost' => $cost, 'sum' => $sum];
        }

        return new self($lines);
    }
}
