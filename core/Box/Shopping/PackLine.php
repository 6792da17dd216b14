<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Shopping;

use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Stash\ItemKind;

/** What one box has of a kind, what there is of it already, and in what packs it comes. */
final readonly class PackLine
{
    /**
     * @param  int  $each  pieces a box
     * @param  int  $free  pieces that are there for such boxes
     * @param  int  $pack  pieces in a pack, 1 where it comes singly
     * @param  ExactAmount|null  $price  of a pack; null where nobody knows
     */
    public function __construct(
        public ItemKind $kind,
        public int $each,
        public int $free,
        public int $pack,
        public ?ExactAmount $price,
    ) {}

    public function lacks(int $boxes): int
    {
        return max(0, $this->each * $boxes - $this->free);
    }

    public function packs(int $boxes): int
    {
        return intdiv($this->lacks($boxes) + $this->pack - 1, $this->pack);
    }

    /** Pieces that are left of what has to be bought. */
    public function left(int $boxes): int
    {
        return $this->packs($boxes) * $this->pack - $this->lacks($boxes);
    }
}
