<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Reading;

/** What is wrong with a field: a message of the core, or the name of one that stands with the words. */
final readonly class Wrong
{
    /**
     * @param  string  $message  as the core says it; empty where `$says` names one
     * @param  string  $says  `kind`, `pieces`, `source`, `day`, `past-day`, `number`, `max`, `contents`, `no-room` or
     *     `packaging`
     * @param  array<string, string|int>  $with  what the message speaks of, by placeholder
     */
    private function __construct(public string $message, public string $says, public array $with) {}

    /** @param array<string, string|int> $with */
    public static function of(string $says, array $with = []): self
    {
        return new self('', $says, $with);
    }

    public static function because(string $message): self
    {
        return new self($message, '', []);
    }
}
