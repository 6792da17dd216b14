<?php

declare(strict_types=1);

namespace PluckyWren\Core\Money;

use PluckyWren\Core\CoreException;
use PluckyWren\Core\Explained;
use PluckyWren\Core\Why;
use UnexpectedValueException;

final class InvalidMoney extends UnexpectedValueException implements CoreException
{
    use Explained;

    public static function unknownCurrency(string $code): self
    {
        return new self(new Why('money.unknown-currency', ['code' => mb_strimwidth($code, 0, 12, '…')]));
    }

    public static function unreadable(string $text): self
    {
        return new self(new Why('money.unreadable', ['text' => self::cut($text)]));
    }

    public static function otherCurrency(string $text, Currency $currency): self
    {
        return new self(new Why('money.other-currency', ['text' => self::cut($text), 'code' => $currency->code]));
    }

    public static function belowZero(): self
    {
        return new self(new Why('money.below-zero'));
    }

    public static function tooManyDecimals(string $text, Currency $currency): self
    {
        return new self(new Why('money.too-many-decimals', [
            'text' => self::cut($text), 'code' => $currency->code, 'digits' => $currency->digits,
        ]));
    }

    public static function tooMuch(Money $most): self
    {
        return new self(new Why('money.too-much', ['most' => $most->format()]));
    }

    public static function mixedCurrencies(Currency $one, Currency $other): self
    {
        return new self(new Why('money.mixed-currencies', ['one' => $one->code, 'other' => $other->code]));
    }

    public static function noPieces(): self
    {
        return new self(new Why('money.no-pieces'));
    }

    private static function cut(string $text): string
    {
        return mb_strimwidth($text, 0, 40, '…');
    }
}
