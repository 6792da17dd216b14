<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Line;

use Brick\Math\BigRational;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\Receipt\Receipt;
use PluckyWren\Core\Stash\Lot;

/** A receipt as it was understood. */
final readonly class ReadReceipt
{
    /**
     * @param  list<ReceiptRow>  $rows
     * @param  Receipt|null  $receipt  what it comes to; null where one of its lines cannot be
     * @param  array<int, Money>  $added  what lines that are no things added, by the place of their line
     * @param  BigRational|null  $rate  of the crew's money for one of the receipt's
     * @param  string|null  $total  what a line says that it comes to, as typed
     * @param  int|null  $badLine  the line that cannot be
     * @param  string  $why  `more` comes off than there is, or there is `nothing` to spread it over
     */
    public function __construct(
        public array $rows,
        public ?Receipt $receipt,
        public array $added,
        public ?BigRational $rate,
        public ?string $total,
        public ?int $badLine,
        public string $why,
    ) {}

    public function isClear(): bool
    {
        return $this->receipt !== null
            && array_filter($this->rows, static fn (ReceiptRow $row): bool => ! $row->isClear()) === [];
    }

    /**
     * @return list<array{lot: Lot, box: string|null}> the things with what each really cost, and for which box
     *
     * @throws InvalidMoney
     */
    public function lots(): array
    {
        $lots = [];
        foreach ($this->rows as $row) {
            if ($row->lot !== null) {
                $paid = $this->receipt->paid[$row->line] ?? null;
                $lots[] = [
                    'lot' => $paid === null ? $row->lot : $row->lot->paying($paid, isListed: $this->rate === null),
                    'box' => $row->read?->box,
                ];
            }
        }

        return $lots;
    }
}
