<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

use PluckyWren\Core\Colour\Palette;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Money\Price;

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

    /** @throws InvalidMoney */
    public function price(): Price
    {
        return $this->cost->price($this->pieces);
    }

    /** The thing as it goes into a box: in its packaging, or without. */
    public function thingInBox(): Thing
    {
        return $this->thing->inBox($this->packaged);
    }
}
