<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Filling;

use PluckyWren\Core\Box\Plan;

/** How a box could be filled. */
final readonly class Proposal
{
    /**
     * @param  Plan  $plan  the box with all of it in
     * @param  list<Chosen>  $chosen  in the order in which it was chosen
     * @param  array<string, GivenUp>  $givenUp  why a need stays open, by what it is called
     * @param  bool  $closes  whether a packing was found in which the lid closes
     */
    public function __construct(
        public Plan $plan,
        public array $chosen,
        public array $givenUp,
        public bool $closes,
    ) {}
}
