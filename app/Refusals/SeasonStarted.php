<?php

declare(strict_types=1);

namespace App\Refusals;

use App\Words\Words;
use RuntimeException;

/** A season is begun once. */
final class SeasonStarted extends RuntimeException
{
    public static function meanwhile(string $by): self
    {
        return new self(Words::of('send/next-season.started-meanwhile', ['name' => $by]));
    }
}
