<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

use PluckyWren\Core\Stash\Preparation\Task;

/** What a thing is no use without, or better with: one of several kinds, or something to look after. */
final readonly class Companion
{
    /**
     * @param  list<string>  $anyOf  ids of kinds; empty where only the task answers it
     * @param  Task|null  $task  that answers it once it is done
     * @param  bool  $isNeeded  whether the thing is of no use without
     */
    public function __construct(public array $anyOf, public ?Task $task, public bool $isNeeded, public string $why) {}
}
