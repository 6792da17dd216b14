<?php

declare(strict_types=1);

namespace PluckyWren\Core\Money;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;

/** An amount kept as a fraction of minor units, so that packs divide and add up without a rounding. */
final readonly class ExactAmount
{
    private function __construct(public BigRational $minor, public Currency $currency) {}

    public static function of(Money $money): self
    {
        return new self(BigRational::of($money->minor), $money->currency);
    }

    public static function zero(Currency $currency): self
    {
        return new self(BigRational::zero(), $currency);
    }

    /** @throws InvalidMoney If the currencies differ. */
    public function plus(self $that): self
    {
        if (! $this->currency->equals($that->currency)) {
            throw InvalidMoney::mixedCurrencies($this->currency, $that->currency);
        }

        $sum = $this->minor->plus($that->minor);

        // Fractions that are not kept short grow with every sum, beyond what can be reckoned with.
        return new self($sum->getDenominator()->isEqualTo(1) ? $sum : $sum->simplified(), $this->currency);
    }

    /** @throws InvalidMoney If the currencies differ. */
    public function minus(self $that): self
    {
        return $this->plus(new self($that->minor->negated(), $that->currency));
    }

    /** A share of it, 1 for the whole. */
    public function share(BigRational $share): self
    {
        return new self($this->minor->multipliedBy($share)->simplified(), $this->currency);
    }

    public function times(int $pieces): self
    {
        return new self($this->minor->multipliedBy($pieces), $this->currency);
    }

    /** @throws InvalidMoney If there are no pieces to divide among. */
    public function dividedAmong(int $pieces): self
    {
        return $pieces > 0
            ? new self($this->minor->dividedBy($pieces), $this->currency)
            : throw InvalidMoney::noPieces();
    }

    /** To the nearest minor unit, halves up. */
    public function rounded(): Money
    {
        // Most are whole: they need no rounding.
        if ($this->minor->getDenominator()->isEqualTo(1)) {
            return new Money($this->minor->getNumerator()->toInt(), $this->currency);
        }

        return new Money($this->minor->toScale(0, RoundingMode::HALF_UP)->toInt(), $this->currency);
    }

    /** Whole minor units, the rest cut off: where a largest-remainder share starts. */
    public function floored(): Money
    {
        return $this->parted()[0];
    }

    /** @return array{Money, BigRational} whole minor units, and the share of one that is cut off */
    public function parted(): array
    {
        $of = $this->minor->getDenominator();
        [$whole, $rest] = $this->minor->getNumerator()->quotientAndRemainder($of);

        return [new Money($whole->toInt(), $this->currency), BigRational::nd($rest, $of)];
    }

    /** Minus where this is the smaller, zero where they are equal. */
    public function compareTo(self $that): int
    {
        return $this->minor->compareTo($that->minor);
    }

    /**
     * To the minor unit, as its currency's notation has it; with one decimal more below one whole unit where it is not
     * whole: `0.466`, `0.42`, `1.25`.
     */
    public function format(): string
    {
        return $this->currency->notation->write($this->plain());
    }

    /** The same for files and machines, always with a decimal point. */
    public function plain(): string
    {
        $isWhole = $this->minor->getNumerator()->remainder($this->minor->getDenominator())->isZero();
        if ($isWhole || ! $this->minor->isLessThan($this->currency->minorUnits())) {
            return $this->rounded()->plain();
        }

        return (string) $this->minor->dividedBy($this->currency->minorUnits())->toScale(
            $this->currency->digits + 1,
            RoundingMode::HALF_UP,
        );
    }
}
