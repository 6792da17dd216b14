<?php

declare(strict_types=1);

namespace PluckyWren\Core\Money;

/** A currency, how many decimals its minor unit has, and how its figures are written where it is used. */
final readonly class Currency
{
    /** Decimals other than two, from ISO 4217. */
    private const DIGITS = [
        'BHD' => 3,
        'BIF' => 0,
        'CLP' => 0,
        'DJF' => 0,
        'GNF' => 0,
        'IQD' => 3,
        'ISK' => 0,
        'JOD' => 3,
        'JPY' => 0,
        'KMF' => 0,
        'KRW' => 0,
        'KWD' => 3,
        'LYD' => 3,
        'OMR' => 3,
        'PYG' => 0,
        'RWF' => 0,
        'TND' => 3,
        'UGX' => 0,
        'VND' => 0,
        'VUV' => 0,
        'XAF' => 0,
        'XOF' => 0,
        'XPF' => 0,
    ];

    private function __construct(public string $code, public int $digits, public Notation $notation) {}

    /** @throws InvalidMoney If the code is not three capital letters. */
    public static function of(string $code, Notation $notation = new Notation): self
    {
        return preg_match('/^[A-Z]{3}$/', $code) === 1
            ? new self($code, self::DIGITS[$code] ?? 2, $notation)
            : throw InvalidMoney::unknownCurrency($code);
    }

    /** How many minor units make one. */
    public function minorUnits(): int
    {
        return 10 ** $this->digits;
    }

    public function equals(self $that): bool
    {
        return $this->code === $that->code;
    }
}
