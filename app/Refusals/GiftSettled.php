<?php

declare(strict_types=1);

namespace App\Refusals;

use App\Words\Words;
use RuntimeException;

/** The sending gift of a box was settled by someone meanwhile: it is paid once. */
final class GiftSettled extends RuntimeException
{
    /** @param list<string> $themes */
    public static function meanwhile(array $themes): self
    {
        return new self(Words::of('send/gifts.settled-meanwhile', ['names' => implode(', ', $themes)]));
    }
}
