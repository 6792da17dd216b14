<?php

declare(strict_types=1);

namespace PluckyWren\Core\Money\Chain;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use PluckyWren\Core\CoreException;
use PluckyWren\Core\Explained;
use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Why;
use UnexpectedValueException;

final class NonsenseStep extends UnexpectedValueException implements CoreException
{
    use Explained;

    public static function percentOff(BigRational $percent): self
    {
        return new self(new Why('step.percent-off', ['percent' => self::figure($percent)]));
    }

    public static function tax(BigRational $percent): self
    {
        return new self(new Why('step.tax', ['percent' => self::figure($percent)]));
    }

    public static function belowZero(Money $amount, ExactAmount $total): self
    {
        return new self(new Why('step.below-zero', [
            'amount' => $amount->format(), 'total' => $total->rounded()->format(),
        ]));
    }

    public static function costsMore(Money $amount, ExactAmount $each): self
    {
        return new self(new Why('step.costs-more', [
            'amount' => $amount->format(), 'each' => $each->rounded()->format(),
        ]));
    }

    public static function buyGet(int $buy, int $get): self
    {
        return new self(new Why('step.buy-get', ['buy' => $buy, 'get' => $get]));
    }

    public static function unreadablePercent(string $text): self
    {
        return new self(new Why('step.unreadable-percent', ['text' => mb_strimwidth($text, 0, 20, '…')]));
    }

    public static function unreadableBuyGet(string $text): self
    {
        return new self(new Why('step.unreadable-buy-get', ['text' => mb_strimwidth($text, 0, 20, '…')]));
    }

    /** Names the step by its place, as a person counts. */
    public function at(int $place): self
    {
        return new self(new Why('step.at', ['place' => $place, 'why' => $this->why]));
    }

    private static function figure(BigRational $percent): string
    {
        $text = (string) $percent->toScale(2, RoundingMode::HALF_UP);

        return rtrim(rtrim($text, '0'), '.');
    }
}
