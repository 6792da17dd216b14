<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit;

/** What is to go into which box, and in which order. */
final readonly class Problem
{
    /**
     * @param  list<Item>  $items
     * @param  list<Placement>  $pinned  placements that must reappear as they are
     */
    public function __construct(
        public BoxShape $box,
        public array $items,
        public Order $order = Order::FlatsFirst,
        public array $pinned = [],
    ) {}

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

    /** @return list<Item> the singles of an item that are not pinned; none where there is no such item */
    public function freeSinglesOf(string $itemId): array
    {
        $pinned = array_column($this->pinned, 'id');

        return array_values(array_filter(
            array_column($this->items, null, 'id')[$itemId]?->singles() ?? [],
            static fn (Item $single): bool => ! in_array($single->id, $pinned, true),
        ));
    }

    /**
     * The same with fewer pieces.
     *
     * @param  array<string, int>  $counts  how many of each to take out, by the item's id
     */
    public function without(array $counts): self
    {
        $items = [];
        foreach ($this->items as $item) {
            $left = $item->quantity - ($counts[$item->id] ?? 0);
            if ($left > 0) {
                $items[] = $item->times($left);
            }
        }

        return new self($this->box, $items, $this->order, $this->pinned);
    }

    /** The same with an item in place of the one of that id, and others beside. */
    public function with(Item $instead, Item ...$beside): self
    {
        return new self(
            $this->box,
            [
                ...array_map(
                    static fn (Item $item): Item => $item->id === $instead->id ? $instead : $item,
                    $this->items,
                ),
                ...array_values($beside),
            ],
            $this->order,
            $this->pinned,
        );
    }
}
