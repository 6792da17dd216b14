<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\Form;
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
            $sides = $item->form->keepsItsSides() && ! $item->keepUpright
                ? $item->size->sides()
                : [$item->size->length, $item->size->width, $item->size->height];
            $traits = [
                $item->form->keepsItsSides() ? 'keeps' : $item->form->value,
                $item->squeeze,
                $item->leastSide(),
                $item->keepUpright,
                $item->must,
                $item->value,
                $item->gentle,
                $item->firstSight,
            ];
            $alike[implode('/', [...$sides, ...$traits])][] = $item;
        }

        return array_map(static fn (array $items): self => new self($items), array_values($alike));
    }

    /**
     * @return array{int, int, int, float} the least that its longest, middle and shortest side can be made, in tenths
     *     of a millimetre, and the least room it takes
     */
    public function leastMeasures(): array
    {
        if ($this->model->form->takesAnyShape()) {
            return [
                $this->model->leastSide(),
                $this->model->leastSide(),
                $this->model->leastSide(),
                $this->model->leastVolume(),
            ];
        }
        $give = $this->model->form === Form::Soft ? $this->model->squeeze : 1.0;

        return [
            ...array_map(static fn (int $side): int => (int) ($give * $side), $this->model->size->sides()),
            floor($give * $this->model->size->volume()),
        ];
    }
}
