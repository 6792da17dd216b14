<?php

declare(strict_types=1);

namespace PluckyWren\Core\Money\Target;

use Brick\Math\BigRational;
use DateTimeImmutable;
use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Money\Money;

/** Weighs a price against the target, or against what was paid before where none is set. */
final readonly class PriceJudge
{
    /** So much over the target is still fair. An estimate. */
    private const FAIR_PERCENT = 115;

    /** So near the hand-in, a box that lacks a thing cannot wait for a better season. An estimate. */
    private const LAST_DAYS = 45;

    /**
     * @param  ExactAmount|null  $target  set by hand; null where the best so far stands for it
     * @param  list<int>  $cheapMonths  1 to 12, when this kind is usually cheap
     * @param  int  $needed  how many the boxes still lack
     */
    public function __construct(
        private ?ExactAmount $target,
        private PriceHistory $history,
        private array $cheapMonths,
        private int $needed,
        private DateTimeImmutable $today,
        private int $daysToHandIn,
    ) {}

    public function verdict(ExactAmount $each): Verdict
    {
        $measure = $this->measure();

        return match (true) {
            $measure === null => Verdict::NothingToCompare,
            $each->compareTo($measure) <= 0 => Verdict::Buy,
            $each->compareTo($measure->share(BigRational::nd(self::FAIR_PERCENT, 100))) <= 0 => Verdict::Fair,
            $this->needed > 0 && $this->daysToHandIn <= self::LAST_DAYS => Verdict::OnlyIfNeeded,
            default => Verdict::Wait,
        };
    }

    /**
     * The most that $pieces may cost to be worth buying; null where there is nothing to compare with. Rounded down, so
     * that it holds.
     */
    public function buyUpTo(int $pieces): ?Money
    {
        return $this->measure()?->times($pieces)->floored();
    }

    /** The most that $pieces may cost to be fair still. */
    public function fairUpTo(int $pieces): ?Money
    {
        return $this->measure()?->share(BigRational::nd(self::FAIR_PERCENT, 100))->times($pieces)->floored();
    }

    /** What a price is weighed against. */
    public function measure(): ?ExactAmount
    {
        return $this->target ?? $this->history->lowest()?->each;
    }

    /** Determine if this is a month in which it is usually cheap: then there is nothing to wait for. */
    public function isCheapNow(): bool
    {
        return in_array((int) $this->today->format('n'), $this->cheapMonths, true);
    }

    /** The first day of the next month in which this kind is usually cheap; null where none is known. */
    public function nextCheapMonth(): ?DateTimeImmutable
    {
        $month = $this->today->modify('first day of this month')->setTime(0, 0);
        for ($ahead = 0; $ahead < 12; $ahead++) {
            if (in_array((int) $month->format('n'), $this->cheapMonths, true)) {
                return $month;
            }
            $month = $month->modify('+1 month');
        }

        return null;
    }
}
