<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Piece;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Money\ExactAmount;

/** A box's pieces one under another, with the sum so far; exact until it is written. */
final readonly class Ledger
{
    /** @param list<array{piece: Piece, planned: PlannedPiece, cost: ExactAmount|null, sum: ExactAmount}> $lines by lane */
    private function __construct(public array $lines) {}

    public static function of(BoxSheet $sheet): self
    {
        $sum = ExactAmount::zero($sheet->box->sending_gift->currency);
        $lines = [];
        foreach (\PluckyWren\Core\Stash\Category::cases() as $lane) {
            foreach ($sheet->lane($lane) as $piece) {
                $cost = $sheet->planned($piece)->cost();
                $sum = $cost === null ? $sum : $sum->plus($cost);
                $lines[] = ['piece' => $piece, 'planned' => $sheet->planned($piece), 'cost' => $cost, 'sum' => $sum];
            }
        }

        return new self($lines);
    }
}
