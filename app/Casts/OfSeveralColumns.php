<?php

declare(strict_types=1);

namespace App\Casts;

/** A value that is made of several columns, one of which says whether it is there at all. */
interface OfSeveralColumns
{
    /**
     * Get the column without which the value is null.
     *
     * @param  string  $arguments  what stands after the colon of the cast
     */
    public static function decisive(string $key, string $arguments): string;
}
