<?php

declare(strict_types=1);

namespace App\Refusals;

use App\Words\Words;
use DomainException;

final class CannotChangeCurrency extends DomainException
{
    public static function thereAreAmounts(): self
    {
        return new self(Words::of('crew/settings.currency-stays'));
    }
}
