<?php

declare(strict_types=1);

namespace PluckyWren\Core\Text;

use IntlChar;
use Normalizer;

/**
 * What people type where figures are meant, in one alphabet: digits of any script as 0 to 9, all kinds of blanks as one
 * blank.
 */
final class Typed
{
    private const SAME = [
        '٫' => '.',
        '٬' => "'",
        '،' => ',',
        '。' => '.',
        '−' => '-',
        '–' => '-',
        '—' => '-',
        '‐' => '-',
        '‑' => '-',
    ];

    /** Get a text with its figures as 0 to 9: `１２０` and `١٢٠` are `120`; a text that is none comes back empty. */
    public static function figures(string $text): string
    {
        $plain = Normalizer::normalize(strtr($text, self::SAME), Normalizer::FORM_KC);
        $ascii = (string) preg_replace_callback(
            '/[^\x00-\x7F]/u',
            static fn (array $one): string => self::digit($one[0]),
            strtr(is_string($plain) ? $plain : '', self::SAME),
        );

        return trim((string) preg_replace('/\s+/u', ' ', $ascii));
    }

    /** Get a text without the mark of the byte order that some editors write in front. */
    public static function withoutMark(string $text): string
    {
        return str_starts_with($text, "\u{FEFF}") ? substr($text, 3) : $text;
    }

    private static function digit(string $character): string
    {
        $value = IntlChar::charDigitValue($character);

        return $value === null || $value < 0 ? $character : (string) $value;
    }
}
