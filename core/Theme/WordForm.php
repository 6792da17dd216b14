<?php

declare(strict_types=1);

namespace PluckyWren\Core\Theme;

/** Words as they are compared: in small letters, of more than two, one for many. */
final class WordForm
{
    private const SAYS_NOTHING = [
        'the', 'and', 'for', 'with', 'our', 'box', 'set', 'pack', 'day', 'small', 'large', 'new',
    ];

    /** @return list<string> each once */
    public static function of(string $text): array
    {
        $words = preg_split('/[^\p{L}]+/u', mb_strtolower($text), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $forms = array_map(self::one(...), $words);

        return array_values(array_unique(array_filter(
            $forms,
            static fn (string $word): bool => mb_strlen($word) > 2 && ! in_array($word, self::SAYS_NOTHING, true),
        )));
    }

    private static function one(string $word): string
    {
        return match (true) {
            ! str_ends_with($word, 's'), strlen($word) < 3 => $word,
            str_ends_with($word, 'ss'), str_ends_with($word, 'us') => $word,
            strlen($word) > 5 && str_ends_with($word, 'ies') => substr($word, 0, -3).'y',
            preg_match('/(ch|sh|x|z)es$/', $word) === 1 => substr($word, 0, -2),
            default => substr($word, 0, -1),
        };
    }
}
