<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit;

/** What is to go into which box, and by which school. */
final readonly class Problem
{
    /**
     * @param  list<Item>  $items
     * @param  list<Placement>  $pinned  placements that must reappear as they are
     */
    public function __construct(public BoxShape $box, public array $items, public Order $order = Order::FlatsFirst, public array $pinned = []) {}

    /** @return array<string, Item> every single piece under its id */
    public function singles(): array
    {
        $singles = [];
        foreach ($this->items as $item) {
            foreach ($item->singles() as $single) {
                $singles[$single->id] = $single;
            }
        }

        return $singles;
    }
}
