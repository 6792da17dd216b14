<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Preparation;

/** What has to be done to a piece, and what of that is done. */
final readonly class Preparation
{
    /**
     * @param  list<Task>  $tasks  in an order in which they can be done
     * @param  list<Task>  $done
     */
    public function __construct(public array $tasks = [], public array $done = []) {}

    public function isDone(Task $task): bool
    {
        return in_array($task, $this->done, true);
    }

    /** Determine if a task is there and not done yet. */
    public function isOpen(Task $task): bool
    {
        return in_array($task, $this->tasks, true) && ! $this->isDone($task);
    }

    /** @return list<Task> what is still to be done */
    public function open(): array
    {
        return array_values(array_filter($this->tasks, fn (Task $task): bool => ! $this->isDone($task)));
    }
}
