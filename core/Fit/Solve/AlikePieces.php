<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Item;

/** Pieces that are alike but for their ids, so that each is weighed once for all; they are used up one by one. */
final class AlikePieces
{
    /** @var list<Item> those that are left */
    private array $items = [];

    public readonly int $volume;

    public readonly int $longest;

    public readonly int $middle;

    public readonly int $shortest;

    /**
     * @param  list<array{int, int, int, How}>  $poses
     * @param  float  $weight  how much they are wanted
     */
    public function __construct(Item $item, public readonly array $poses, public readonly float $weight)
    {
        [$this->longest, $this->middle, $this->shortest] = $item->size->sides();
        $this->volume = $item->size->volume();
    }

    public function add(Item $item): void
    {
        $this->items[] = $item;
    }

    public function take(): ?Item
    {
        return array_pop($this->items);
    }

    /** @return list<Item> */
    public function left(): array
    {
        return $this->items;
    }
}
