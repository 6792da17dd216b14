<?php

declare(strict_types=1);

namespace PluckyWren\Core\Money\Level;

use Brick\Math\BigRational;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Money\Money;

/**
 * What things cost where a crew shops, in relation to what they cost elsewhere: each price that it has paid or said
 * tells what a thing of index 100 (a bar of soap) would cost there, and what is in the middle of these holds for all.
 */
final readonly class PriceLevel
{
    /** A price of a kind for which nobody has paid is so far off either way at least, in percent: ours, an estimate. */
    private const LEAST_SPREAD = 20;

    /** One price may be odd; of three one is in the middle. */
    public const LEAST = 3;

    /** So many prices have to be known before their own spread is believed. */
    private const ENOUGH = 4;

    /** @param list<array{BigRational, int}> $prices minor units and the index they were paid for, the least first */
    private function __construct(private Currency $currency, private array $prices) {}

    /**
     * @param  array<string, ExactAmount>  $known  what one costs, by kind
     * @param  callable(string): (int|null)  $indexOf  a kind's price in relation to a bar of soap, which is 100
     */
    public static function of(Currency $currency, array $known, callable $indexOf): self
    {
        $prices = $levels = [];
        foreach ($known as $kind => $each) {
            $index = $indexOf((string) $kind);
            if ($index !== null && $index > 0 && ! $each->minor->isZero()) {
                $prices[] = [$each->minor, $index];
                // Fractions compare slowly. Those of prices that differ do so by far more than a float leaves out.
                $levels[] = $each->minor->getNumerator()->toFloat()
                    / ($each->minor->getDenominator()->toFloat() * $index);
            }
        }
        asort($levels);

        return new self($currency, array_map(static fn (int $place): array => $prices[$place], array_keys($levels)));
    }

    /** How many prices it was set by. */
    public function count(): int
    {
        return count($this->prices);
    }

    /** What one of an index costs here; null where too few prices are known yet. */
    public function estimate(?int $index): ?PriceRange
    {
        if ($index === null || count($this->prices) < self::LEAST) {
            return null;
        }
        $middle = $this->at(50);
        $spread = BigRational::of(self::LEAST_SPREAD)->dividedBy(100);
        $low = $middle->multipliedBy(BigRational::one()->minus($spread));
        $high = $middle->multipliedBy(BigRational::one()->plus($spread));
        if (count($this->prices) >= self::ENOUGH) {
            $low = BigRational::min($low, $this->at(25));
            $high = BigRational::max($high, $this->at(75));
        }

        return new PriceRange($this->amount($low, $index), $this->amount($high, $index));
    }

    /** Of the levels, the one at so many percent from below, in minor units for an index of 100. */
    private function at(int $percent): BigRational
    {
        $last = count($this->prices) - 1;
        if ($percent === 50 && $last % 2 === 1) {
            $below = intdiv($last, 2);

            return $this->level($below)->plus($this->level($below + 1))->dividedBy(2)->simplified();
        }

        return $this->level(intdiv($last * $percent + 50, 100));
    }

    private function level(int $place): BigRational
    {
        [$minor, $index] = $this->prices[$place];

        return $minor->multipliedBy(100)->dividedBy($index)->simplified();
    }

    private function amount(BigRational $level, int $index): ExactAmount
    {
        return (new Money(1, $this->currency))->exactly()
            ->share($level->multipliedBy($index)->dividedBy(100)->simplified());
    }
}
