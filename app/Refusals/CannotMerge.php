<?php

declare(strict_types=1);

namespace App\Refusals;

use App\Words\Words;
use DomainException;

final class CannotMerge extends DomainException
{
    /** @param list<string> $fields in which they differ, in words */
    public static function unlike(string $one, string $other, array $fields): self
    {
        return new self(
            Words::of(
                $fields === [] ? 'gather/life.same-lot' : 'gather/life.unlike',
                ['one' => $one, 'other' => $other, 'fields' => implode(', ', $fields)],
            ),
        );
    }

    public static function undecided(): self
    {
        return new self(Words::of('gather/life.undecided'));
    }

    public static function tooMany(): self
    {
        return new self(Words::of('gather/life.merged-too-many'));
    }
}
