<?php

declare(strict_types=1);

namespace App\Actions;

use App\View\Words;
use DomainException;

final class CannotMerge extends DomainException
{
    public static function unlike(string $one, string $other): self
    {
        return new self(Words::of('life.unlike', ['one' => $one, 'other' => $other]));
    }

    public static function tooMany(): self
    {
        return new self(Words::of('life.merged-too-many'));
    }
}
