<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

use PluckyWren\Core\Colour\Palette;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Money\Money;

/** Pieces got together at one price. */
final readonly class Lot
{
    /**
     * @param  Thing  $thing  with its measures out of any packaging
     * @param  int  $pieces  1 to {@see LotLimits::PIECES}
     * @param  Size|null  $packaged  its size in its retail packaging, where that differs
     */
    public function __construct(
        public Thing $thing,
        public int $pieces,
        public Cost $cost,
        public Origin $origin,
        public Remarks $remarks,
        public Palette $colours,
        public ?Size $packaged = null,
    ) {}

    /**
     * Get the same lot at what was really paid for it.
     *
     * @param  bool  $isListed  whether what it cost before, where that was more, is kept as its price before any cut
     *
     * @throws InvalidMoney If the currencies differ.
     */
    public function paying(Money $paid, bool $isListed): self
    {
        $before = $this->cost->paid;
        $list = $isListed ? $this->cost->list ?? ($before?->isMoreThan($paid) === true ? $before : null) : null;

        return new self(
            $this->thing,
            $this->pieces,
            Cost::decided($this->origin->source, $paid->currency, $paid, null, $list, $this->cost->packPieces),
            $this->origin,
            $this->remarks,
            $this->colours,
            $this->packaged,
        );
    }
}
