<?php

declare(strict_types=1);

namespace App\Pages\Gather;

use App\Models\Lot;
use PluckyWren\Core\Box\Shopping\ShoppingLine;
use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Money\Level\PriceRange;

/** One line of the shopping list, with how it is usually packed, where it is got and what it should cost. */
final readonly class ShoppingRow
{
    /**
     * @param  list<string>  $for  the themes of the boxes that lack it
     * @param  PriceRange|null  $guess  what one may cost, by how dear things are where the crew shops
     * @param  CheaperElsewhere|null  $nextDoor  where it was cheaper than at the place under which it stands
     */
    public function __construct(
        public ShoppingLine $line,
        private ?Lot $latest,
        public ?ExactAmount $target,
        public array $for,
        private ?PriceRange $guess = null,
        public ?CheaperElsewhere $nextDoor = null,
    ) {}

    /** Get what one may cost, where nobody has paid for any; null where that is known, or nothing is. */
    public function guess(): ?PriceRange
    {
        return $this->latest === null ? $this->guess : null;
    }

    /** Get how many are in the shop's pack; one where nobody wrote that down. */
    public function packSize(): int
    {
        return $this->latest->pack_pieces ?? 1;
    }

    public function packs(): int
    {
        return $this->line->packs($this->packSize());
    }

    public function pieces(): int
    {
        return $this->packs() * $this->packSize();
    }

    public function leftOver(): int
    {
        return $this->line->leftOver($this->packSize());
    }

    /** Get where it was got last; an empty text where it never was. */
    public function place(): string
    {
        return $this->latest->place ?? '';
    }

    /** Get what the packs cost if they cost as much as last time, or as estimated; null where neither is known. */
    public function cost(): ?PriceRange
    {
        $each = $this->latest?->price()->each;

        return ($each === null ? $this->guess() : PriceRange::exactly($each))?->times($this->pieces());
    }
}
