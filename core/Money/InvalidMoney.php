<?php

declare(strict_types=1);

namespace PluckyWren\Core\Money;

use PluckyWren\Core\CoreException;
use UnexpectedValueException;

final class InvalidMoney extends UnexpectedValueException implements CoreException
{
    public static function unknownCurrency(string $code): self
    {
        return new self(
            sprintf('“%s” is not a currency code; one has three capital letters.', mb_strimwidth($code, 0, 12, '…')),
        );
    }

    public static function unreadable(string $text): self
    {
        return new self(
            sprintf('“%s” is not an amount we can read. Write it like 1.25 or 1,25.', mb_strimwidth($text, 0, 40, '…')),
        );
    }

    public static function otherCurrency(string $text, Currency $currency): self
    {
        return new self(
            sprintf(
                '“%s” looks like another currency than %s. What did it cost in %s? Write the figure alone.',
                mb_strimwidth($text, 0, 40, '…'),
                $currency->code,
                $currency->code,
            ),
        );
    }

    public static function belowZero(): self
    {
        return new self('An amount cannot be below zero.');
    }

    public static function tooManyDecimals(string $text, Currency $currency): self
    {
        return new self(
            sprintf(
                '“%s” has more decimals than %s holds (%d). Leave out marks between thousands.',
                mb_strimwidth($text, 0, 40, '…'),
                $currency->code,
                $currency->digits,
            ),
        );
    }

    public static function tooMuch(Money $most): self
    {
        return new self("That is over {$most->format()}, the most that can be written down.");
    }

    public static function mixedCurrencies(Currency $one, Currency $other): self
    {
        return new self("{$one->code} and {$other->code} cannot be added up.");
    }

    public static function noPieces(): self
    {
        return new self('A pack holds at least one piece.');
    }
}
