<?php

declare(strict_types=1);

namespace App\Words;

use PluckyWren\Core\CoreException;
use PluckyWren\Core\Why;
use Throwable;

/** What is wrong, as people read it: an error of the core by its id, one of the application as it says it itself. */
final class WhyWords
{
    public static function of(Throwable $why): string
    {
        return $why instanceof CoreException ? self::said($why->why()) : $why->getMessage();
    }

    public static function said(Why $why): string
    {
        return Words::of("why.{$why->id}", array_map(
            static fn (int|string|Why $value): int|string => $value instanceof Why
                ? lcfirst(self::said($value))
                : $value,
            $why->with,
        ));
    }
}
