<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Remedies;

/** Pick a thing of one of these kinds. */
final readonly class PickAnyOf implements Remedy
{
    /** @param non-empty-list<string> $kinds ids, the most usual first */
    public function __construct(public array $kinds) {}

    public function id(): string
    {
        return 'pick';
    }
}
