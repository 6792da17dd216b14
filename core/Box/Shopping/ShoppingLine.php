<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Shopping;

use PluckyWren\Core\Stash\ItemKind;

/** One kind of thing that boxes still lack. */
final readonly class ShoppingLine
{
    /**
     * @param  bool  $isMust  whether a box needs it; otherwise it is a wish that someone listed
     * @param  int  $needed  by all boxes together
     * @param  int  $onHand  how many of those the stash has, not set aside
     * @param  array<string, int>  $byBox  how many each box needs, by the box's id
     */
    public function __construct(
        public ItemKind $kind,
        public bool $isMust,
        public int $needed,
        public int $onHand,
        public array $byBox,
    ) {}

    public function toBuy(): int
    {
        return max(0, $this->needed - $this->onHand);
    }

    /** How many packs of $size fill it. */
    public function packs(int $size): int
    {
        return intdiv($this->toBuy() + $size - 1, $size);
    }

    /** How many pieces of those packs nobody needs yet. */
    public function leftOver(int $size): int
    {
        return $this->packs($size) * $size - $this->toBuy();
    }
}
