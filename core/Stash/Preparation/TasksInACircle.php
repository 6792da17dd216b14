<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Preparation;

use LogicException;
use PluckyWren\Core\CoreException;
use PluckyWren\Core\Explained;
use PluckyWren\Core\Why;

final class TasksInACircle extends LogicException implements CoreException
{
    use Explained;

    /** @param list<Task> $tasks */
    public static function among(array $tasks): self
    {
        return new self(new Why('tasks.in-a-circle', [
            'tasks' => implode(', ', array_map(static fn (Task $task): string => $task->value, $tasks)),
        ]));
    }
}
