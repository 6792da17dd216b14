<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Preparation;

use LogicException;
use PluckyWren\Core\CoreException;

final class TasksInACircle extends LogicException implements CoreException
{
    /** @param list<Task> $tasks */
    public static function among(array $tasks): self
    {
        return new self(
            'These tasks wait for one another: '.implode(
                ', ',
                array_map(static fn (Task $task): string => $task->value, $tasks),
            ).'.',
        );
    }
}
