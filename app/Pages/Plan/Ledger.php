<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Models\Piece;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Money\Apportionment;
use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Stash\Category;

/**
 * A box's pieces one under another, with the sum so far; the costs are written so that they add up as they are written.
 */
final readonly class Ledger
{
    /** @param list<array{piece: Piece, planned: PlannedPiece, cost: Money|null, sum: Money}> $lines by lane */
    private function __construct(public array $lines) {}

    public static function of(BoxSheet $sheet): self
    {
        $pieces = array_merge(...array_map($sheet->lane(...), Category::cases()));
        $exact = array_filter(
            array_map(static fn (Piece $piece): ?ExactAmount => $sheet->planned($piece)->cost(), $pieces),
        );
        $costs = $exact === [] ? [] : Apportionment::of($exact);
        $sum = Money::zero($sheet->box->sending_gift->currency);
        $lines = [];
        foreach ($pieces as $index => $piece) {
            $cost = $costs[$index] ?? null;
            $sum = $cost === null ? $sum : $sum->plus($cost);
            $lines[] = ['piece' => $piece, 'planned' => $sheet->planned($piece), 'cost' => $cost, 'sum' => $sum];
        }

        return new self($lines);
    }
}
