<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box;

use PluckyWren\Core\Guide\Findings;
use PluckyWren\Core\Guide\NeedsFilled;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Money\Money;

/** The gauges of a box as they would be; see `Foretelling`. */
final readonly class Foretold
{
    /**
     * @param  Money  $total  with the sending gift
     * @param  Money|null  $budget  null where none is set
     * @param  Findings  $flags  what would be wrong with what is there
     */
    public function __construct(
        public NeedsFilled $mustHaves,
        public Money $total,
        public ?Money $budget,
        public Findings $flags,
    ) {}

    /** @throws InvalidMoney */
    public function isOverBudget(): bool
    {
        return $this->budget !== null && $this->total->isMoreThan($this->budget);
    }
}
