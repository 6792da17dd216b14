<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Bench;

use PluckyWren\Core\Fit\Answer\Swap;
use PluckyWren\Core\Fit\Result;

/** How to go on after a piece did not go in, and the plan around what is in that it leads to. */
final readonly class Proposal
{
    /**
     * @param  'elsewhere'|'behind'|'out'|'smaller'|'loose'  $way
     * @param  string|null  $out  the id of what would come back out
     * @param  Swap|null  $swap  what would take its place: a smaller one
     */
    public function __construct(
        public string $way,
        public Result $plan,
        public ?string $out = null,
        public ?Swap $swap = null,
    ) {}
}
