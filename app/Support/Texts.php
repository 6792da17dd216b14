<?php

declare(strict_types=1);

namespace App\Support;

/** What was ticked in a form: its texts, whatever else someone sent with them. */
final class Texts
{
    /** @return list<string> */
    public static function of(mixed $sent): array
    {
        return array_values(array_filter((array) $sent, is_string(...)));
    }
}
