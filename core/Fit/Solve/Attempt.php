<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Placement;

/** One packing that was tried, and how good it is. */
final readonly class Attempt
{
    /**
     * @param  list<Placement>  $placements  but for the pinned
     * @param  list<Item>  $leftOut
     */
    public function __construct(public array $placements, public array $leftOut, public Merit $merit) {}
}
