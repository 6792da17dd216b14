<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide\Remedies;

/** Take a piece out of the box. */
final readonly class TakeOut implements Remedy
{
    public function __construct(public string $piece) {}

    public function id(): string
    {
        return 'take-out';
    }
}
