<?php

declare(strict_types=1);

namespace App\Refusals;

use App\Words\Words;
use DomainException;

final class CannotMake extends DomainException
{
    /** @param list<string> $names of what is short, each with how many pieces are missing */
    public static function short(array $names): self
    {
        return new self(Words::of('gather/makes.short', ['names' => implode(', ', $names)]));
    }

    public static function madeIsUsed(string $name): self
    {
        return new self(Words::of('gather/makes.is-used', ['name' => $name]));
    }
}
