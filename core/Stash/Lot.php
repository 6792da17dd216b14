<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

use PluckyWren\Core\Colour\Palette;
use PluckyWren\Core\Measure\Size;

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
}
