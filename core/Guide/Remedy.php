<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide;

use PluckyWren\Core\Stash\Preparation\Task;

/**
 * Something that mends a finding in one step: take a piece out, have fewer of it, do a task, or pick another kind of
 * thing.
 */
final readonly class Remedy
{
    /** @param list<string> $kinds any of which would do */
    private function __construct(
        public string $does,
        public string $piece = '',
        public ?Task $task = null,
        public int $quantity = 0,
        public array $kinds = [],
    ) {}

    public static function takeOut(string $piece): self
    {
        return new self('take-out', $piece);
    }

    public static function haveFewer(string $piece, int $quantity): self
    {
        return new self('have-fewer', $piece, null, $quantity);
    }

    public static function do(string $piece, Task $task): self
    {
        return new self('do', $piece, $task);
    }

    /** @param list<string> $kinds */
    public static function pick(array $kinds): self
    {
        return new self('pick', '', null, 0, $kinds);
    }
}
