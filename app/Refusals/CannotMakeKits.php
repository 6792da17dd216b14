<?php

declare(strict_types=1);

namespace App\Refusals;

use App\Words\Words;
use DomainException;

/** Kits are not put together, or not taken apart. */
final class CannotMakeKits extends DomainException
{
    public static function isNone(string $name): self
    {
        return new self(Words::of('gather/kits.is-none', ['name' => $name]));
    }
}
