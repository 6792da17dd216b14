<?php

declare(strict_types=1);

namespace PluckyWren\Core\Money;

/** A whole number of minor units (cents, say) of one currency. */
final readonly class Money
{
    /** Ten million units: a limit against slips of the finger, far over any box. */
    private const MOST_UNITS = 10_000_000;

    public function __construct(public int $minor, public Currency $currency) {}

    public static function zero(Currency $currency): self
    {
        return new self(0, $currency);
    }

    /**
     * Reads what people type and print, as `AmountText` tells.
     *
     * @throws InvalidMoney If it cannot be read, is in another currency, is below zero, is too large, or has more
     *     decimals than the currency.
     */
    public static function parse(string $text, Currency $currency): self
    {
        $minor = AmountText::read($text, $currency);

        return match (true) {
            $minor < 0 => throw InvalidMoney::belowZero(),
            $minor > self::MOST_UNITS * $currency->minorUnits() => throw InvalidMoney::tooMuch(
                new self(self::MOST_UNITS * $currency->minorUnits(), $currency),
            ),
            default => new self($minor, $currency),
        };
    }

    /** @throws InvalidMoney If the currencies differ. */
    public function plus(self $that): self
    {
        return new self($this->minor + $this->sameCurrency($that)->minor, $this->currency);
    }

    /** @throws InvalidMoney If the currencies differ. */
    public function minus(self $that): self
    {
        return new self($this->minor - $this->sameCurrency($that)->minor, $this->currency);
    }

    public function isZero(): bool
    {
        return $this->minor === 0;
    }

    /** @throws InvalidMoney */
    public function isMoreThan(self $that): bool
    {
        return $this->minor > $this->sameCurrency($that)->minor;
    }

    public function exactly(): ExactAmount
    {
        return ExactAmount::of($this);
    }

    /** The figure alone as its currency's notation has it: `1,016.84`, `-0,05`, `120`. */
    public function format(): string
    {
        return $this->currency->notation->write($this->plain());
    }

    /** The figure as one types it into a field, without marks between thousands. */
    public function typed(): string
    {
        return $this->currency->notation->typed($this->plain());
    }

    /** The figure for files and machines, always with a decimal point: `1016.84`. */
    public function plain(): string
    {
        $digits = $this->currency->digits;
        $figure = str_pad((string) abs($this->minor), $digits + 1, '0', STR_PAD_LEFT);
        $sign = $this->minor < 0 ? '-' : '';

        return $digits === 0 ? $sign.$figure : $sign.substr($figure, 0, -$digits).'.'.substr($figure, -$digits);
    }

    /** @throws InvalidMoney */
    private function sameCurrency(self $that): self
    {
        return $this->currency->equals($that->currency)
            ? $that
            : throw InvalidMoney::mixedCurrencies($this->currency, $that->currency);
    }
}
