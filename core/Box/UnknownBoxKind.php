<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box;

use OutOfBoundsException;
use PluckyWren\Core\CoreException;

final class UnknownBoxKind extends OutOfBoundsException implements CoreException
{
    public static function named(string $id): self
    {
        return new self(sprintf('There is no box kind called “%s”.', mb_strimwidth($id, 0, 40, '…')));
    }
}
