<?php

declare(strict_types=1);

namespace PluckyWren\Core\Money;

use Brick\Math\RoundingMode;

/** Whether a pack's figures bear out what someone believes a piece cost, and what would. */
final readonly class ClaimCheck
{
    /**
     * @param  ExactAmount  $each  what a piece really costs
     * @param  int|null  $piecesNeeded  how many the pack would have to hold at this price; null where no number would do
     * @param  Money  $packNeeded  what the pack would have to cost with these pieces
     */
    private function __construct(public bool $holds, public ExactAmount $each, public ?int $piecesNeeded, public Money $packNeeded) {}

    /** @throws InvalidMoney If there are no pieces, or the currencies differ. */
    public static function of(Money $pack, int $pieces, Money $claimed): self
    {
        $each = $pack->exactly()->dividedAmong($pieces);

        return new self(
            $each->rounded()->minor === $claimed->minor,
            $each,
            $claimed->isZero() ? null : $pack->exactly()->minor->dividedBy($claimed->minor)->toScale(0, RoundingMode::UP)->toInt(),
            $claimed->exactly()->times($pieces)->rounded(),
        );
    }
}
