<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box;

use PluckyWren\Core\Stash\Preparation\Task;

/** What a packer has settled about a box: findings left as they are, and what was done to the box itself. */
final readonly class Settled
{
    /**
     * @param  array<string, string>  $reasons  why findings were left as they are, by their key
     * @param  list<Task>  $boxDone
     */
    public function __construct(public array $reasons = [], public array $boxDone = []) {}
}
