<?php

declare(strict_types=1);

namespace PluckyWren\Core;

use Stringable;

/** What is wrong, without words: an id, under which the words stand in `lang/en/why.php`, and what they speak of. */
final readonly class Why implements Stringable
{
    /** @param array<string, int|string|self> $with by placeholder; what was typed is cut where it is long */
    public function __construct(public string $id, public array $with = []) {}

    /** As developers and logs read it. */
    public function __toString(): string
    {
        $with = array_map(
            static fn (string $name, int|string|self $value): string => "{$name}: {$value}",
            array_keys($this->with),
            $this->with,
        );

        return $with === [] ? $this->id : $this->id.' ('.implode(', ', $with).')';
    }
}
