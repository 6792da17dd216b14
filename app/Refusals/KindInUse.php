<?php

declare(strict_types=1);

namespace App\Refusals;

use App\Words\Words;
use DomainException;

/** A kind is not dropped while there are things of it. */
final class KindInUse extends DomainException
{
    public static function said(): self
    {
        return new self(Words::of('gather/kinds.in-use'));
    }
}
