<?php

declare(strict_types=1);

namespace PluckyWren\Core\Season;

use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\Target\TargetAmount;

/** What a piece should cost and what it did cost in a season, and where that puts the target of the next. */
final readonly class TargetMove
{
    private function __construct(
        public string $kind,
        public TargetAmount $was,
        public ExactAmount $paid,
        public Money $to,
    ) {}

    /**
     * @param  string  $kind  the kind's id
     * @param  ExactAmount  $paid  a piece, on average over the season
     * @return self|null null where it stays as it is, to the minor unit
     *
     * @throws InvalidMoney
     */
    public static function of(string $kind, TargetAmount $was, ExactAmount $paid): ?self
    {
        $to = $paid->rounded();

        return $to->isZero() || $to->minor === $was->each()->rounded()
            ->minor ? null : new self($kind, $was, $paid, $to);
    }

    /** @throws InvalidMoney */
    public function isLower(): bool
    {
        return $this->to->exactly()->compareTo($this->was->each()) < 0;
    }
}
