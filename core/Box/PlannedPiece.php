<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box;

use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Money\Price;
use PluckyWren\Core\Stash\ItemKind;
use PluckyWren\Core\Stash\ItemTrait;

/** A thing in a box, so many of it: from the stash, or still to buy. */
final readonly class PlannedPiece
{
    /**
     * @param  list<ItemTrait>  $traits
     * @param  bool  $isToBuy  planned from the guide's list, not in the stash yet
     * @param  bool  $isMeasured  whether the size was measured by hand, not taken from the kind
     */
    public function __construct(
        public string $id,
        public ItemKind $kind,
        public string $name,
        public int $quantity,
        public Price $price,
        public Size $size,
        public array $traits,
        public bool $isToBuy,
        public bool $isMeasured,
    ) {}

    /** What all of them cost, or null where the price is not known. */
    public function cost(): ?ExactAmount
    {
        return $this->price->times($this->quantity);
    }

    public function held(): Held
    {
        return new Held($this->id, $this->kind->id, $this->name, $this->quantity, $this->traits);
    }
}
