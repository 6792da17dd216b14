<?php

declare(strict_types=1);

namespace PluckyWren\Core\Season;

use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Stash\ItemKind;

/** A kind that is cheap in a month, and how one knows. */
final readonly class CheapKind
{
    /**
     * @param  bool  $isUsual  whether it is usually cheap then
     * @param  ExactAmount|null  $here  what the crew itself paid a piece in this month; null where that says nothing
     * @param  ExactAmount|null  $else  in the other months
     */
    public function __construct(
        public ItemKind $kind,
        public bool $isUsual,
        public ?ExactAmount $here = null,
        public ?ExactAmount $else = null,
    ) {}
}
