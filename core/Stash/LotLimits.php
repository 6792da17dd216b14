<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

/** How much may be said of a lot: the same in every form, request, file and in the table. */
final class LotLimits
{
    /** Pieces of one lot, and of one pack. */
    public const PIECES = 10_000;

    public const MINUTES = 100_000;

    /** What one of it weighs. */
    public const GRAMS = 20_000;

    /** Characters, by what they say. */
    public const TEXTS = [
        'name' => 80,
        'place' => 80,
        'size_label' => 40,
        'tags' => 200,
        'kept' => 80,
        'note' => 500,
        'materials' => 200,
        'desk' => 2000,
    ];

    /** Cut a text that comes from elsewhere to what may be said. */
    public static function cut(string $what, ?string $text): ?string
    {
        return $text === null ? null : mb_substr($text, 0, self::TEXTS[$what]);
    }
}
