<?php

declare(strict_types=1);

namespace PluckyWren\Core\Money;

/** Whether a pack's figures bear out what someone believes a piece cost, and what would. */
final readonly class ClaimCheck
{
    /**
     * @param  ExactAmount  $each  what a piece really costs
     * @param  int|null  $piecesNeeded  how many the pack would have to hold at this price, the least number; null where
     *     no number bears the claim out
     * @param  Money  $packNeeded  what the pack would have to cost with these pieces
     */
    private function __construct(
        public bool $holds,
        public ExactAmount $each,
        public ?int $piecesNeeded,
        public Money $packNeeded,
    ) {}

    /** @throws InvalidMoney If there are no pieces, or the currencies differ. */
    public static function of(Money $pack, int $pieces, Money $claimed): self
    {
        $each = $pack->exactly()->dividedAmong($pieces);

        return new self(
            $each->rounded()->minor === $claimed->minor,
            $each,
            self::piecesFor($pack, $claimed),
            $claimed->exactly()->times($pieces)->rounded(),
        );
    }

    /** @throws InvalidMoney Never, as at least one piece is asked about. */
    private static function piecesFor(Money $pack, Money $claimed): ?int
    {
        if ($claimed->isZero() || $pack->isZero()) {
            return null;
        }
        // The least n with pack / n below claim + 1/2, that is n > 2 pack / (2 claim + 1); then round(pack / n) is at
        // most the claim.
        $least = max(1, intdiv(2 * $pack->minor, 2 * $claimed->minor + 1) + 1);

        return $pack->exactly()->dividedAmong($least)->rounded()->minor === $claimed->minor ? $least : null;
    }
}
