<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Preparation;

/** What whoever prepares a piece added to its work, and what of it is not needed here. */
final readonly class TaskChoices
{
    /**
     * @param  list<Task>  $added
     * @param  list<Task>  $notNeeded
     */
    public function __construct(public array $added = [], public array $notNeeded = []) {}

    public function isNothing(): bool
    {
        return $this->added === [] && $this->notNeeded === [];
    }

    /** With a task among the work, whether it was so before or not. */
    public function wanting(Task $task): self
    {
        return new self([...self::but($this->added, $task), $task], self::but($this->notNeeded, $task));
    }

    /** Without a task among the work. */
    public function without(Task $task): self
    {
        return new self(self::but($this->added, $task), [...self::but($this->notNeeded, $task), $task]);
    }

    /**
     * @param  list<Task>  $tasks  what its kind and the like ask for
     * @return list<Task> what is to be done, in an order in which it can be done
     *
     * @throws TasksInACircle
     */
    public function of(array $tasks): array
    {
        return $this->isNothing() ? $tasks : TaskOrder::sorted(array_values(array_filter(
            [...$tasks, ...$this->added],
            fn (Task $task): bool => ! in_array($task, $this->notNeeded, true),
        )));
    }

    /**
     * @param  list<Task>  $tasks
     * @return list<Task>
     */
    private static function but(array $tasks, Task $task): array
    {
        return array_values(array_filter($tasks, static fn (Task $one): bool => $one !== $task));
    }
}
