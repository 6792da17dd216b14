<?php

declare(strict_types=1);

namespace App\Refusals;

use App\Words\Words;
use DomainException;

final class UnreadablePhoto extends DomainException
{
    public static function isNone(): self
    {
        return new self(Words::of('pack/bench.photo.unreadable'));
    }

    public static function isTooLarge(): self
    {
        return new self(Words::of('pack/bench.photo.too-large'));
    }
}
