<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Remedies;

use PluckyWren\Core\Stash\Preparation\Task;

/** Do to a piece what is still to be done. */
final readonly class DoTask implements Remedy
{
    public function __construct(public string $piece, public Task $task) {}

    public function id(): string
    {
        return 'do';
    }
}
