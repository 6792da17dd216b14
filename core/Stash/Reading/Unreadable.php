<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Reading;

use InvalidArgumentException;
use PluckyWren\Core\CoreException;

/** A lot that cannot be read as it was typed, with everything that is wrong with it. */
final class Unreadable extends InvalidArgumentException implements CoreException
{
    /** @param non-empty-list<array{string, Wrong}> $wrong by field, in the order in which they were read */
    public function __construct(public readonly array $wrong)
    {
        parent::__construct('Of what was typed, this cannot be read: '.implode(', ', array_column($wrong, 0)).'.');
    }
}
