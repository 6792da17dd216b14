<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Preparation;

/** What has to be done to so many pieces of one thing, and what of that is done. */
final readonly class Preparation
{
    /** @var list<Task> what was done to every piece */
    public array $done;

    /**
     * @param  list<Task>  $tasks  in an order in which they can be done
     * @param  Prepared  $prepared  what was done to how many
     * @param  int  $pieces  how many there are
     */
    public function __construct(
        public array $tasks = [],
        private Prepared $prepared = new Prepared,
        private int $pieces = 1,
    ) {
        $this->done = $prepared->doneToAll($pieces);
    }

    public function isDone(Task $task): bool
    {
        return in_array($task, $this->done, true);
    }

    /** To how many pieces a task was done, where it was done to some and not to all; else null. */
    public function someOf(Task $task): ?int
    {
        $count = $this->prepared->countOf($task);

        return $count > 0 && $count < $this->pieces ? $count : null;
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
