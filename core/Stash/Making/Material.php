<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Making;

use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Stash\ItemKind;

/** What goes into one batch of something made at home: pieces of a kind from the stash, or a thing at a price. */
final readonly class Material
{
    /**
     * @param  ItemKind|null  $kind  null where it is not kept in the stash
     * @param  int  $count  pieces of that kind; 1 where it has a price
     * @param  Money|null  $price  of all that one batch takes; null where it comes from the stash
     */
    private function __construct(
        public string $name,
        public ?ItemKind $kind,
        public int $count,
        public ?Money $price,
    ) {}

    public static function fromStash(ItemKind $kind, int $count): self
    {
        return new self($kind->name, $kind, $count, null);
    }

    public static function atPrice(string $name, Money $price): self
    {
        return new self($name, null, 1, $price);
    }

    /** So many pieces of the kind some made things take, where a batch of $gives takes `count`: whole pieces. */
    public function neededFor(int $made, int $gives): int
    {
        return intdiv($this->count * $made + $gives - 1, $gives);
    }
}
