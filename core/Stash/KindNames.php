<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash;

/**
 * Finds kinds by what people call them: in the singular or the plural, in one word or two, half typed, or with a word
 * too many.
 */
final class KindNames
{
    /** Words that say nothing of what a thing is. */
    private const SAYS_NOTHING = ['a', 'an', 'the', 'of', 'for', 'and', 'with', 'some', 'pack', 'set', 'pair', 'kids'];

    /** A name that is a word's beginning counts less than the whole word, a half-typed word says less than a whole. */
    private const WHOLE_WORD = 10;

    private const BEGINNING = 6;

    private const WITHIN = 3;

    /** Taken off for each word of the name that nobody typed, and for each typed word that the name has not. */
    private const WORD_TOO_MANY = 1;

    private const WORD_NOT_THERE = 7;

    /** @var array<string, string> kinds by what they are called exactly: their words run together */
    private array $exact = [];

    /** @var list<array{string, list<string>}>|null a kind and the words of one of its names; null until asked for */
    private ?array $words = null;

    /** @param array<string, non-empty-list<string>> $names by the kind's id, its own name first */
    public function __construct(private readonly array $names) {}

    /** Get the id of the kind that is called so; null where none is. */
    public function exactly(string $text): ?string
    {
        $typed = implode('', self::wordsOf($text));

        // Most pages ask by nothing at all; the names are gone through for those that do not.
        return $typed === '' || $this->words() === [] ? null : $this->exact[$typed] ?? null;
    }

    /** @return list<string> ids of kinds, the likeliest first */
    public function likeliest(string $text, int $atMost): array
    {
        $typed = self::wordsOf($text);
        if ($typed === []) {
            return [];
        }
        $scores = [];
        foreach ($this->words() as $order => [$id, $words]) {
            $score = self::score($typed, $words);
            if ($score > 0) {
                // Of two that are as likely the one that stands first in its lane is the commoner.
                $scores[$id] = max($scores[$id] ?? 0, $score - $order / 1e6);
            }
        }
        $exact = $this->exactly($text);
        $exact === null || $scores[$exact] = INF;
        arsort($scores);

        return array_slice(array_keys($scores), 0, $atMost);
    }

    /** @return list<string> ids of the kinds one of whose names has the text in it */
    public function containing(string $text): array
    {
        $has = static fn (string $name): bool => mb_stripos($name, $text) !== false;

        return array_keys(
            array_filter($this->names, static fn (array $names): bool => array_filter($names, $has) !== []),
        );
    }

    /**
     * @param  non-empty-list<string>  $typed
     * @param  list<string>  $words
     */
    private static function score(array $typed, array $words): float
    {
        $score = $found = 0;
        foreach ($typed as $one) {
            $best = 0;
            foreach ($words as $word) {
                $best = max($best, match (true) {
                    $word === $one => self::WHOLE_WORD,
                    str_starts_with($word, $one) => self::BEGINNING,
                    strlen($one) > 2 && str_contains($word, $one) => self::WITHIN,
                    strlen($word) > 2 && str_starts_with($one, $word) => self::WITHIN,
                    default => 0,
                });
            }
            $found += $best > 0 ? 1 : 0;
            $score += $best > 0 ? $best : -self::WORD_NOT_THERE;
        }

        return $found === 0 ? 0 : $score - self::WORD_TOO_MANY * max(0, count($words) - $found);
    }

    /** @return list<array{string, list<string>}> a kind and the words of one of its names */
    private function words(): array
    {
        if ($this->words !== null) {
            return $this->words;
        }
        $this->words = [];
        // A kind's own name goes before what another is also called.
        foreach ([true, false] as $isOwn) {
            foreach ($this->names as $id => $of) {
                foreach ($isOwn ? [$of[0]] : array_slice($of, 1) as $name) {
                    $words = self::wordsOf($name);
                    $this->exact[implode('', $words)] ??= $id;
                    $this->words[] = [$id, $words];
                }
            }
        }

        return $this->words;
    }

    /** @return list<string> in small letters, in the singular, without those that say nothing */
    private static function wordsOf(string $text): array
    {
        $words = preg_split('/[^\p{L}\p{N}]+/u', mb_strtolower($text), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $telling = array_diff($words, self::SAYS_NOTHING);

        return array_map(self::singular(...), array_values($telling === [] ? $words : $telling));
    }

    private static function singular(string $word): string
    {
        return match (true) {
            strlen($word) < 4 || str_ends_with($word, 'ss') => $word,
            str_ends_with($word, 'ies') => substr($word, 0, -3).'y',
            (bool) preg_match('/(?:sh|ch|x|ss)es$/', $word) => substr($word, 0, -2),
            str_ends_with($word, 's') => substr($word, 0, -1),
            default => $word,
        };
    }
}
