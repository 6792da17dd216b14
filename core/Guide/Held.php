<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide;

use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Stash\ItemKind;
use PluckyWren\Core\Stash\ItemTrait;
use PluckyWren\Core\Stash\Preparation\Task;
use PluckyWren\Core\Stash\Source;

/** What a guide needs to know of pieces in a box. */
final readonly class Held
{
    /**
     * @param  list<ItemTrait>  $traits
     * @param  ItemKind|null  $itemKind  null where only the id of its kind is known
     * @param  Size|null  $size  null where it is not known
     * @param  bool  $isMeasured  by hand, not taken from the kind
     * @param  Source|null  $source  null where it is not there yet
     * @param  list<Task>  $tasks  what has to be done to it
     * @param  list<Task>  $done  what of that is done
     * @param  string  $inside  the id of the piece that holds it, a kit say; empty where it lies in the box itself
     */
    public function __construct(
        public string $id,
        public string $kind,
        public string $name,
        public int $quantity,
        public array $traits = [],
        public ?ItemKind $itemKind = null,
        public ?Size $size = null,
        public bool $isMeasured = false,
        public ?string $sizeLabel = null,
        public ?Source $source = null,
        public array $tasks = [],
        public array $done = [],
        public string $inside = '',
    ) {}

    public function has(ItemTrait ...$any): bool
    {
        foreach ($any as $trait) {
            if (in_array($trait, $this->traits, true)) {
                return true;
            }
        }

        return false;
    }

    public function isDone(Task $task): bool
    {
        return in_array($task, $this->done, true);
    }

    /** Determine if a task is there and not done yet. */
    public function isOpen(Task $task): bool
    {
        return in_array($task, $this->tasks, true) && ! $this->isDone($task);
    }

    /** The piece itself, or the one that holds it: what can be taken out of the box. */
    public function piece(): string
    {
        return $this->inside === '' ? $this->id : $this->inside;
    }
}
