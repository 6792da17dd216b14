<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

use OutOfBoundsException;
use PluckyWren\Core\CoreException;

final class InvalidCatalogue extends OutOfBoundsException implements CoreException
{
    public static function kindTwice(string $id): self
    {
        return new self("The kind “{$id}” is in the catalogue twice.");
    }
}
