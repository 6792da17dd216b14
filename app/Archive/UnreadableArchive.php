<?php

declare(strict_types=1);

namespace App\Archive;

use App\Words\Words;
use DomainException;

final class UnreadableArchive extends DomainException
{
    public static function noArchive(): self
    {
        return new self(Words::of('crew/people.no-archive'));
    }

    public static function crewIsNotEmpty(): self
    {
        return new self(Words::of('crew/people.archive-not-empty'));
    }

    public static function doesNotFit(): self
    {
        return new self(Words::of('crew/people.archive-no-fit'));
    }
}
