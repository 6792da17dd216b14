<?php

declare(strict_types=1);

namespace PluckyWren\Core\Send\Note;

/**
 * Reads a note as a stranger would who must not learn where its writer lives, and as a child who learns the language.
 *
 * It goes by patterns of writing: it finds what commonly stands in such notes, and says so; it cannot know everything.
 */
final class NoteCheck
{
    /** More words than these in one sentence are hard for whoever learns the language; our own rule of thumb. */
    private const MOST_WORDS = 14;

    private const LEAST_DIGITS_OF_A_PHONE = 7;

    private const PATTERNS = [
        'mail' => '/[\p{L}\d._+-]+@[\p{L}\d-]+\.[\p{L}\d.-]*\p{L}/u',
        'web' => '~\b(?:https?://|www\.)\S+|(?<!\S)@[\p{L}\d_.]{3,}~iu',
        'phone' => '~(?<![\p{L}\d])\+?\(?\d[\d\s()./-]{5,}\d(?![\p{L}\d])~u',
        'street' => '/(?<!\S)\d{1,4}[a-z]?,?(?:\s+\p{Lu}[\p{L}\']+){0,3}\s+(?:Street|St|Road|Rd|Lane|Avenue|Ave|Drive'
            .'|Close|Way|Court|Square|Row|Terrace)\b|\p{Lu}\p{L}*(?:straße|strasse|weg|gasse|platz)\s+\d{1,4}\b/u',
        'money' => '/[€$£¥]\s?\d[\d.,]*\d?|\d+\s?[€$£¥]|\b(?:money|donat\p{L}*|bank account|cash|dollars?|euros?)\b/iu',
        'full-name' => '/\b(?:[Mm]y name is|I am|I’m|I\'m|[Ll]ove from|[Ff]rom|[Yy]ours?|[Ll]ove),?\s+'
            .'(\p{Lu}\p{L}+[ \t]+\p{Lu}[\p{L}\'’-]+)'
            .'|^[ \t]*((?!From|Love|Yours?|With|Dear|Hello|Hi|Bye|Thank|Happy)'
            .'\p{Lu}\p{L}+[ \t]+\p{Lu}[\p{L}\'’-]+)[ \t.]*\z/mu',
    ];

    /** @return list<Doubt> in the order of the kinds, each found once */
    public static function of(string $note): array
    {
        $note = trim($note);
        $doubts = [];
        foreach (DoubtKind::cases() as $kind) {
            $pattern = self::PATTERNS[$kind->value] ?? null;
            $found = $pattern === null ? self::longSentences($note) : self::found($kind, $pattern, $note);
            foreach (array_unique($found) as $words) {
                $doubts[] = new Doubt($kind, $words);
            }
        }

        return $doubts;
    }

    /** @return list<string> */
    private static function found(DoubtKind $kind, string $pattern, string $note): array
    {
        preg_match_all($pattern, $note, $matches, PREG_SET_ORDER);
        $found = array_map(
            static fn (array $match): string => trim((string) end($match)),
            $matches,
        );

        return array_values(array_filter($found, static fn (string $words): bool => $kind !== DoubtKind::Phone
            || preg_match_all('/\d/', $words) >= self::LEAST_DIGITS_OF_A_PHONE));
    }

    /** @return list<string> the first words of each */
    private static function longSentences(string $note): array
    {
        $long = [];
        foreach (preg_split('/[.!?…。؟]+\s*|\n{2,}/u', $note) ?: [] as $sentence) {
            $words = preg_split('/\s+/u', trim($sentence)) ?: [];
            if (count($words) > self::MOST_WORDS) {
                $long[] = implode(' ', array_slice($words, 0, 5)).' …';
            }
        }

        return $long;
    }
}
