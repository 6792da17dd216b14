<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Remedies;

/** Have so many of a piece and no more. */
final readonly class HaveFewer implements Remedy
{
    public function __construct(public string $piece, public int $quantity) {}

    public function id(): string
    {
        return 'have-fewer';
    }
}
