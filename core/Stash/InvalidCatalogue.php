<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

use OutOfBoundsException;
use PluckyWren\Core\CoreException;
use PluckyWren\Core\Explained;
use PluckyWren\Core\Why;

final class InvalidCatalogue extends OutOfBoundsException implements CoreException
{
    use Explained;

    public static function kindTwice(string $id): self
    {
        return new self(new Why('kind.twice', ['id' => $id]));
    }
}
