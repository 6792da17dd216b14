<?php

declare(strict_types=1);

namespace PluckyWren\Core\Send;

use DomainException;
use PluckyWren\Core\CoreException;

final class InvalidBoxCode extends DomainException implements CoreException
{
    public static function unreadable(string $typed): self
    {
        return new self("“{$typed}” is no box code. One reads like 0014-M: the box’s number, then a letter.");
    }

    public static function mistyped(string $typed): self
    {
        return new self("The letter of “{$typed}” does not go with its number. Look at the label once more.");
    }
}
