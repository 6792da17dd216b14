<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

use PluckyWren\Core\Stash\Preparation\Task;

/** What a kind of thing is like and how it is worn, as far as that asks something of whoever packs it. */
final readonly class Care
{
    /**
     * @param  list<ItemTrait>  $traits
     * @param  bool  $isElastic  fits a smaller child too
     * @param  bool  $isShoes  its size label is of feet
     * @param  list<Companion>  $companions  what it is no use without, or better with
     * @param  list<Task>  $tasks  what is always done to it
     * @param  bool  $isPrivate  not to be the first thing that is seen
     */
    public function __construct(
        public array $traits = [],
        public bool $isWorn = false,
        public bool $isElastic = false,
        public bool $isShoes = false,
        public array $companions = [],
        public array $tasks = [],
        public bool $isPrivate = false,
    ) {}
}
