<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Support\Str;

/** What a link is known by: told once to whoever makes it, and kept only as its hash. */
final class LinkToken
{
    private const LENGTH = 40;

    public static function random(): string
    {
        return Str::random(self::LENGTH);
    }

    public static function hash(string $token): string
    {
        return hash('sha256', $token);
    }
}
