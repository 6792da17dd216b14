<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\Item;

/** Pieces that are alike but for their ids, so that each is weighed once for all. */
final readonly class Kind
{
    public Item $model;

    /** @param non-empty-list<Item> $items */
    public function __construct(public array $items)
    {
        $this->model = $items[0];
    }

    /**
     * @param  list<Item>  $items
     * @return list<self>
     */
    public static function among(array $items): array
    {
        $alike = [];
        foreach ($items as $item) {
            $sides = $item->form->keepsItsSides() && ! $item->keepUpright ? $item->size->sides() : [$item->size->length, $item->size->width, $item->size->height];
            $traits = [$item->form->keepsItsSides() ? 'keeps' : $item->form->value, $item->squeeze, $item->leastSide(), $item->keepUpright, $item->must, $item->value, $item->gentle, $item->firstSight];
            $alike[implode('/', [...$sides, ...$traits])][] = $item;
        }

        return array_map(static fn (array $items): self => new self($items), array_values($alike));
    }
}
