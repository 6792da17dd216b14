<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide;

use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Money\Money;

/** On what terms a drive takes a box: when and where, with what gift, in what size, with what on its label. */
final readonly class Terms
{
    /**
     * @param  Size  $carton  into which boxes are packed
     * @param  Size|null  $boxLimit  what a box may measure outside at most
     * @param  list<string>  $labelFields  what the label asks for
     */
    public function __construct(
        public Money $sendingGift,
        public HandIn $handIn,
        public Size $carton,
        public ?Size $boxLimit = null,
        public array $labelFields = [],
    ) {}
}
