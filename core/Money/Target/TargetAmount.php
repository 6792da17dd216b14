<?php

declare(strict_types=1);

namespace PluckyWren\Core\Money\Target;

use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Text\Typed;

/**
 * What a piece may cost, kept as so much for so many, so that the best price of a pack is kept to its last fraction.
 */
final readonly class TargetAmount
{
    private const MOST_PIECES = 10_000;

    public function __construct(public Money $paid, public int $pieces = 1) {}

    /** Take a price a piece over as it is: 2.76 for 72 is 0.23 for 6. */
    public static function ofEach(ExactAmount $each): self
    {
        $minor = $each->minor->simplified();

        return new self(new Money($minor->getNumerator()->toInt(), $each->currency), $minor->getDenominator()->toInt());
    }

    /**
     * Reads `0.35`, or `2.76/72` for what a pack of 72 costs.
     *
     * @throws InvalidMoney If it cannot be read.
     */
    public static function parse(string $text, Currency $currency): self
    {
        $isOfAPack = preg_match('~^(.+?) ?/ ?(\d{1,5})$~u', Typed::figures($text), $m) === 1;
        $pieces = $isOfAPack ? (int) $m[2] : 1;
        if ($pieces < 1 || $pieces > self::MOST_PIECES) {
            throw InvalidMoney::noPieces();
        }

        return new self(Money::parse($isOfAPack ? $m[1] : $text, $currency), $pieces);
    }

    /** @throws InvalidMoney */
    public function each(): ExactAmount
    {
        return $this->paid->exactly()->dividedAmong(max(1, $this->pieces));
    }

    /** As one types it into a field: `0.35`, or `2.76/72`. */
    public function typed(): string
    {
        return $this->pieces === 1 ? $this->paid->typed() : "{$this->paid->typed()}/{$this->pieces}";
    }
}
