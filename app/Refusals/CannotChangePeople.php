<?php

declare(strict_types=1);

namespace App\Refusals;

use App\Words\Words;
use DomainException;

final class CannotChangePeople extends DomainException
{
    public static function lastKeeper(): self
    {
        return new self(Words::of('crew/people.last-keeper'));
    }
}
