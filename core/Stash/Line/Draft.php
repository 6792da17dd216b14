<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Line;

use PluckyWren\Core\Stash\Source;

/** A line while it is being read: what was understood so far, and what has to be asked. */
final class Draft
{
    /** @var array<string, string> fields as `LotReader` reads them */
    public array $typed = [];

    /** @var list<Ask> */
    public array $asks = [];

    public ?string $box = null;

    public function __construct(public readonly Scan $scan) {}

    /** Note a field; what is empty is not said, and the first that says it counts. */
    public function say(string $field, ?string $value): void
    {
        if ($value !== null && $value !== '') {
            $this->typed[$field] ??= $value;
        }
    }

    public function saySource(Source $source): void
    {
        $this->say('source', $source->value);
    }

    public function has(string $field): bool
    {
        return isset($this->typed[$field]);
    }

    /** @param array<string, string> $answers as `Ask` has them */
    public function ask(string $what, string $about, array $answers = []): void
    {
        $this->asks[] = new Ask($what, $about, $answers);
    }
}
