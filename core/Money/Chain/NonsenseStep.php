<?php

declare(strict_types=1);

namespace PluckyWren\Core\Money\Chain;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use PluckyWren\Core\CoreException;
use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Money\Money;
use UnexpectedValueException;

final class NonsenseStep extends UnexpectedValueException implements CoreException
{
    public static function percentOff(BigRational $percent): self
    {
        return new self(self::figure($percent).' % off cannot be: from 0 to 100.');
    }

    public static function tax(BigRational $percent): self
    {
        return new self('A tax of '.self::figure($percent).' % cannot be: from 0 to 100.');
    }

    public static function belowZero(Money $amount, ExactAmount $total): self
    {
        return new self("{$amount->format()} off is more than the {$total->rounded()->format()} it costs by then.");
    }

    public static function costsMore(Money $amount, ExactAmount $each): self
    {
        return new self(
            "It cannot cost {$amount->format()} now: by then a pack costs only {$each->rounded()->format()}.",
        );
    }

    public static function buyGet(int $buy, int $get): self
    {
        return new self("“Buy {$buy}, get {$get}” cannot be: each from 1 to 1000.");
    }

    public static function unreadablePercent(string $text): self
    {
        return new self(
            sprintf('“%s” is not a percentage. Write it like 30 or 7.5.', mb_strimwidth($text, 0, 20, '…')),
        );
    }

    public static function unreadableBuyGet(string $text): self
    {
        return new self(
            sprintf('“%s” cannot be read. Write “buy two, get one” as 2+1.', mb_strimwidth($text, 0, 20, '…')),
        );
    }

    /** Names the step by its place, as a person counts. */
    public function at(int $place): self
    {
        return new self("Step {$place}: ".lcfirst($this->getMessage()));
    }

    private static function figure(BigRational $percent): string
    {
        $text = (string) $percent->toScale(2, RoundingMode::HALF_UP);

        return rtrim(rtrim($text, '0'), '.');
    }
}
