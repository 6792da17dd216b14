<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Reading;

use InvalidArgumentException;
use PluckyWren\Core\CoreException;
use PluckyWren\Core\Why;

/** A lot that cannot be read as it was typed, with everything that is wrong with it. */
final class Unreadable extends InvalidArgumentException implements CoreException
{
    /** @param non-empty-list<array{string, Wrong}> $wrong by field, in the order in which they were read */
    public function __construct(public readonly array $wrong)
    {
        parent::__construct((string) $this->why());
    }

    public function why(): Why
    {
        return new Why('typed.unreadable', ['fields' => implode(', ', array_column($this->wrong, 0))]);
    }
}
