<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Measure\Size;

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
                $item->hidden,
                self::blocks($item),
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
        $least = [PHP_INT_MAX, PHP_INT_MAX, PHP_INT_MAX];
        foreach ($this->model->arrangements() as $size) {
            foreach ($size->sides() as $rank => $side) {
                $least[$rank] = min($least[$rank], (int) ($give * $side));
            }
        }

        return [...$least, floor($give * $this->model->size->volume())];
    }

    /**
     * Of two measures the lesser, one by one.
     *
     * @param  array{int, int, int, float}  $one  the least longest, middle and shortest side, and the least volume
     * @param  array{int, int, int, float}  $other
     * @return array{int, int, int, float}
     */
    public static function lesser(array $one, array $other): array
    {
        return [
            min($one[0], $other[0]), min($one[1], $other[1]), min($one[2], $other[2]), min($one[3], $other[3]),
        ];
    }

    private static function blocks(Item $item): string
    {
        return implode(',', array_map(static fn (Size $size): string => implode('x', $size->sides()), $item->blocks));
    }
}
