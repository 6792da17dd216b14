<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Reading;

use PluckyWren\Core\Why;

/** What is wrong with a field: an error of the core, or the name of what stands with the words of such fields. */
final readonly class Wrong
{
    /**
     * @param  Why|null  $why  what the core says is wrong; null where `$says` names it
     * @param  string  $says  `kind`, `pieces`, `source`, `day`, `past-day`, `number`, `max`, `contents`, `no-room` or
     *     `packaging`
     * @param  array<string, string|int>  $with  what the message speaks of, by placeholder
     */
    private function __construct(public ?Why $why, public string $says, public array $with) {}

    /** @param array<string, string|int> $with */
    public static function of(string $says, array $with = []): self
    {
        return new self(null, $says, $with);
    }

    public static function because(Why $why): self
    {
        return new self($why, '', []);
    }
}
