<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide;

use PluckyWren\Core\Stash\ItemTrait;
use PluckyWren\Core\Stash\Preparation\Preparation;
use PluckyWren\Core\Stash\Preparation\Task;
use PluckyWren\Core\Stash\Source;
use PluckyWren\Core\Stash\Thing;

/** What a guide needs to know of pieces in a box. */
final readonly class Held
{
    /** The id of its kind. */
    public string $kind;

    /** Of its thing, for short. */
    public string $name;

    /**
     * @param  Source|null  $source  null where it is not there yet, or lies in another piece
     * @param  string|null  $countsAs  the id of the need that it fills, where whoever packs the box said so; then no
     *     other
     * @param  string  $inside  the id of the piece that holds it, a kit say; empty where it lies in the box itself
     */
    public function __construct(
        public string $id,
        public Thing $thing,
        public int $quantity = 1,
        public ?Source $source = null,
        public Preparation $preparation = new Preparation,
        public string $inside = '',
        public ?string $countsAs = null,
    ) {
        $this->kind = $thing->kind->id;
        $this->name = $thing->name;
    }

    public function has(ItemTrait ...$any): bool
    {
        foreach ($any as $trait) {
            if (in_array($trait, $this->thing->traits, true)) {
                return true;
            }
        }

        return false;
    }

    public function isDone(Task $task): bool
    {
        return $this->preparation->isDone($task);
    }

    /** Determine if a task is there and not done yet. */
    public function isOpen(Task $task): bool
    {
        return $this->preparation->isOpen($task);
    }

    /** The piece itself, or the one that holds it: what can be taken out of the box. */
    public function piece(): string
    {
        return $this->inside === '' ? $this->id : $this->inside;
    }
}
