<?php

declare(strict_types=1);

namespace PluckyWren\Core\Money;

use PluckyWren\Core\Text\Typed;

/**
 * An amount as people type and print it. The last mark is the decimal mark; but `1,234` is over a thousand where the
 * currency has no decimals or its notation parts thousands by a comma. What could be read in two ways is refused, never
 * guessed.
 */
final readonly class AmountText
{
    /** More is no amount that anyone pays. */
    private const MOST_DIGITS = 12;

    private const MOST_CHARACTERS = 40;

    /** What stands beside a figure: no digit, no mark, no blank. */
    private const SIGN = '[^\d.,\'’\s\-+]{1,4}\.?';

    private function __construct(private string $text, private Currency $currency) {}

    /**
     * Reads `1.25`, `1,25`, `€ 1.25`, `eur 1.25`, `5,-`, `3€95`, `120円`, `1 234,50` or `1,234.50`.
     *
     * @return int minor units, below zero where a minus stands before it
     *
     * @throws InvalidMoney If it cannot be read, is in another currency, or has more decimals than the currency.
     */
    public static function read(string $text, Currency $currency): int
    {
        return (new self($text, $currency))->minor();
    }

    /** @throws InvalidMoney */
    private function minor(): int
    {
        [$isBelowZero, $figure] = $this->figure();
        [$whole, $rest] = $this->parts($this->withoutBlanks($figure));
        if (strlen($rest) > $this->currency->digits) {
            throw InvalidMoney::tooManyDecimals($this->text, $this->currency);
        }
        strlen($whole) <= self::MOST_DIGITS || throw InvalidMoney::unreadable($this->text);

        return ($isBelowZero ? -1 : 1) * (int) ($whole.str_pad($rest, $this->currency->digits, '0'));
    }

    /**
     * @return array{bool, string} whether a minus stands before it, and digits with their marks
     *
     * @throws InvalidMoney
     */
    private function figure(): array
    {
        $tidy = mb_strlen($this->text) > self::MOST_CHARACTERS ? '' : Typed::figures($this->text);
        $sign = self::SIGN;
        if (
            preg_match("/^(\d{1,7})({$sign})(\d{1,3})$/u", $tidy, $m) === 1 && strlen($m[3]) === $this->currency->digits
        ) {
            $this->refuseOther($m[2]);

            return [false, "{$m[1]}.{$m[3]}"];
        }
        if (
            preg_match(
                "/^(?<minus>-)?\s?(?<before>{$sign})?\s?(?<late>-)?(?<figure>[\d.,'’ ]*?\d[\d.,'’ ]*?)"
                    ."(?<none>[.,]-{1,2})?\s?(?<after>{$sign})?$/u",
                $tidy,
                $m,
                PREG_UNMATCHED_AS_NULL,
            ) !== 1
        ) {
            throw InvalidMoney::unreadable($this->text);
        }
        array_map($this->refuseOther(...), array_filter([$m['before'], $m['after']], is_string(...)));
        $figure = trim($m['figure']);
        // A dash after the mark stands for no cents, so another decimal mark before it makes no sense.
        $m['none'] === null || preg_match('/^[\d]+$/', $figure) === 1 || throw InvalidMoney::unreadable($this->text);

        return [$m['minus'] !== null || $m['late'] !== null, $figure];
    }

    /** @throws InvalidMoney */
    private function refuseOther(string $sign): void
    {
        $codes = CurrencySigns::meant($sign) ?? throw InvalidMoney::unreadable($this->text);
        in_array($this->currency->code, $codes, true)
            || throw InvalidMoney::otherCurrency($this->text, $this->currency);
    }

    /**
     * Groups parted by blanks or apostrophes are of three digits, or it is no figure.
     *
     * @throws InvalidMoney
     */
    private function withoutBlanks(string $figure): string
    {
        if (preg_match("/[ '’]/u", $figure) !== 1) {
            return $figure;
        }
        preg_match("/^\d{1,3}([ '’])\d{3}(?:\g1\d{3})*(?:[.,]\d*)?$/u", $figure) === 1
            || throw InvalidMoney::unreadable($this->text);

        return (string) preg_replace("/[ '’]/u", '', $figure);
    }

    /**
     * @return array{string, string} the whole digits, and the decimals without needless noughts
     *
     * @throws InvalidMoney
     */
    private function parts(string $figure): array
    {
        if (preg_match('/^(\d*)(?:([.,])(\d*))?$/', $figure, $m) === 1 && ($m[1].($m[3] ?? '')) !== '') {
            return $this->withOneMark($m[1], $m[2] ?? '', $m[3] ?? '');
        }
        $groups = '(?:[1-9]\d{0,2}(?<mark>[.,])(?:\d{3}\k<mark>)*\d{3}|[1-9]\d?(?<lakh>[.,])(?:\d{2}\k<lakh>)*\d{3})';
        if (
            preg_match(
                "/^(?<whole>{$groups})(?:(?<point>[.,])(?<rest>\d*))?$/J",
                $figure,
                $m,
                PREG_UNMATCHED_AS_NULL,
            ) !== 1
                || $m['point'] === ($m['mark'] ?? $m['lakh'])
        ) {
            throw InvalidMoney::unreadable($this->text);
        }

        return [strtr((string) $m['whole'], ['.' => '', ',' => '']), rtrim((string) $m['rest'], '0')];
    }

    /**
     * @return array{string, string}
     *
     * @throws InvalidMoney
     */
    private function withOneMark(string $whole, string $mark, string $rest): array
    {
        $isGroup = strlen($rest) === 3 && preg_match('/^[1-9]\d{0,2}$/', $whole) === 1;
        if ($isGroup && ($this->currency->digits === 0 || $mark === $this->currency->notation->thousands)) {
            return [$whole.$rest, ''];
        }
        // Three decimals of cents, after a mark that is not the decimal mark here: thousands by someone else's
        // notation, or a slip.
        if (strlen($rest) === 3 && $this->currency->digits === 2 && $mark !== $this->currency->notation->decimal) {
            throw InvalidMoney::tooManyDecimals($this->text, $this->currency);
        }

        return [$whole, rtrim($rest, '0')];
    }
}
