<?php

declare(strict_types=1);

namespace App\Refusals;

use App\Words\Words;
use DomainException;

final class CannotUndo extends DomainException
{
    public static function changedSince(): self
    {
        return new self(Words::of('gather/life.changed-since'));
    }

    public static function pricedSince(): self
    {
        return new self(Words::of('crew/settings.currency-stays'));
    }

    public static function partChanged(): self
    {
        return new self(Words::of('gather/life.part-changed'));
    }
}
