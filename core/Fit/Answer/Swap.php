<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Answer;

use PluckyWren\Core\Fit\Item;

/**
 * A piece as it could be instead: a smaller one, out of its packaging, folded flatter, with what it holds beside it.
 */
final readonly class Swap
{
    /**
     * @param  string|null  $lot  the lot that a smaller one comes from
     * @param  list<Item>  $beside  what it held, where that goes in by itself
     */
    public function __construct(
        public SwapWay $way,
        public Item $instead,
        public string $name,
        public ?string $lot = null,
        public array $beside = [],
    ) {}
}
