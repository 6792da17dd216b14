<?php

declare(strict_types=1);

namespace App\View;

use Illuminate\Support\Facades\Lang;
use LogicException;

/** The words that a person reads, from `lang/`; always a text, where the framework's helper may answer with a list. */
final class Words
{
    /** @param array<string, string|int|float|null> $with */
    public static function of(string $key, array $with = []): string
    {
        $words = Lang::get($key, $with);

        return is_string($words) ? $words : throw new LogicException("The words “{$key}” are a list.");
    }
}
