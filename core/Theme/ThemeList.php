<?php

declare(strict_types=1);

namespace PluckyWren\Core\Theme;

use PluckyWren\Core\Colour\Colour;
use PluckyWren\Core\Colour\InvalidPalette;

/**
 * The themes that ship: what each is about in words, which kinds suit it, and colours that go with it. The file is
 * `data/themes.json`.
 *
 * @phpstan-type ThemeData array{name: string, words: list<string>, kinds: list<string>, colours: list<string>}
 * @phpstan-type SeasonData array{words: list<string>, kinds: list<string>}
 */
final class ThemeList
{
    private const MANY = 12;

    /** @var list<string>|null what each theme says, in small letters */
    private ?array $texts = null;

    /** @var array<int, array{array<string, int>, array<string, int>}> see `words` */
    private array $words = [];

    /** @var array<string, string> `#rrggbb` by word, the longest first */
    private readonly array $colourWords;

    /**
     * @param  list<ThemeData>  $themes
     * @param  array<string, string>  $colourWords  `#rrggbb` by word
     * @param  array<string, SeasonData>  $seasons  what speaks of each time of the year, by its name
     */
    public function __construct(
        private readonly array $themes,
        array $colourWords,
        private readonly array $seasons = [],
    ) {
        uksort($colourWords, static fn (string $a, string $b): int => [strlen($b), $a] <=> [strlen($a), $b]);
        $this->colourWords = $colourWords;
    }

    /**
     * The same, and before them the crew's own.
     *
     * @param  array<string, list<string>>  $own  words by the name of a theme
     */
    public function withOwn(array $own): self
    {
        $themes = [];
        foreach ($own as $name => $words) {
            $themes[] = ['name' => (string) $name, 'words' => $words, 'kinds' => [], 'colours' => []];
        }

        return new self([...$themes, ...$this->themes], $this->colourWords, $this->seasons);
    }

    /**
     * The time of the year that words speak of: snow of winter, a beach of summer.
     *
     * @param  list<string>  $words  as `WordForm` gives them
     */
    public function season(array $words): ?string
    {
        foreach ($this->seasons as $name => $season) {
            if (array_intersect($words, WordForm::of(implode(' ', $season['words']))) !== []) {
                return $name;
            }
        }

        return null;
    }

    /** @return list<string> ids of all kinds that are for a time of the year */
    public function seasonKinds(): array
    {
        return array_merge(...array_values(array_column($this->seasons, 'kinds')));
    }

    /** The time of the year for which a kind of thing is; null where it is for all of it. */
    public function seasonOf(string $kind): ?string
    {
        foreach ($this->seasons as $name => $season) {
            if (in_array($kind, $season['kinds'], true)) {
                return $name;
            }
        }

        return null;
    }

    /**
     * Find what belongs to a theme by what it is called and by its own words: first those that share its name's words.
     *
     * @param  list<string>  $ownWords
     * @return list<ThemeData> nearest first
     */
    public function near(string $theme, array $ownWords = [], int $most = 3): array
    {
        $name = WordForm::of($theme);
        $own = WordForm::of(implode(' ', $ownWords));
        $scores = [];
        foreach ($this->saying([...$name, ...$own]) as $index) {
            [$title, $words] = $this->words($index);
            $score = 0;
            foreach ($name as $word) {
                $score += (isset($title[$word]) ? 4 : 0) + (isset($words[$word]) ? 2 : 0);
            }
            foreach ($own as $word) {
                $score += isset($words[$word]) ? 1 : 0;
            }
            if ($score > 1) {
                $scores[$index] = $score;
            }
        }
        arsort($scores);
        // What is much further off than the nearest only waters it down.
        $best = max([0, ...$scores]);
        $near = array_filter($scores, static fn (int $score): bool => 2 * $score > $best);

        return array_map(
            fn (int $index): array => $this->themes[$index],
            array_slice(array_keys($near), 0, $most),
        );
    }

    /**
     * What a box could be about that begins with a find: of the themes that share its words first those that its kind
     * suits; a mere colour is none.
     *
     * @param  list<string>  $tags
     * @return ThemeData|null
     *
     * @throws InvalidPalette If a colour of the file is none.
     */
    public function aroundFind(string $name, array $tags, string $kind): ?array
    {
        $near = array_values(array_filter(
            $this->near($name, $tags, self::MANY),
            fn (array $theme): bool => $this->coloursIn($theme['name']) === [],
        ));
        foreach ($near as $theme) {
            if (in_array($kind, $theme['kinds'], true)) {
                return $theme;
            }
        }

        return $near[0] ?? null;
    }

    /**
     * @param  list<Colour>  $known  that a thing is known to have
     * @return list<Colour> those, or where there are none those that its name tells of
     *
     * @throws InvalidPalette If a colour of the file is none.
     */
    public function coloursOf(array $known, string $name): array
    {
        return $known === [] ? $this->coloursIn($name) : $known;
    }

    /**
     * @return list<Colour> that a name tells of: “Foam ball, sea green”
     *
     * @throws InvalidPalette If a colour of the file is none.
     */
    public function coloursIn(string $name): array
    {
        $text = ' '.implode(' ', preg_split('/[^\p{L}]+/u', mb_strtolower($name)) ?: []).' ';
        $colours = [];
        foreach ($this->colourWords as $word => $hex) {
            if (str_contains($text, " {$word} ")) {
                $colours[] = new Colour($hex);
                // “Sea green” is not green as well.
                $text = str_replace(" {$word} ", '  ', $text);
            }
        }

        return $colours;
    }

    /**
     * @param  list<string>  $words  as `WordForm` gives them
     * @return list<int> the numbers of the themes that may have one of them: few, so that only those are taken apart
     */
    private function saying(array $words): array
    {
        $this->texts ??= array_map(
            static fn (array $theme): string => mb_strtolower(implode(' ', [$theme['name'], ...$theme['words']])),
            $this->themes,
        );
        $found = [];
        foreach ($words as $word) {
            // As it is written it may end otherwise: berries, berry.
            $begins = substr($word, 0, -1);
            $found += array_filter($this->texts, static fn (string $text): bool => str_contains($text, $begins));
        }
        ksort($found);

        return array_keys($found);
    }

    /** @return array{array<string, int>, array<string, int>} the words of a theme's name, and all of its: the keys */
    private function words(int $index): array
    {
        return $this->words[$index] ??= [
            $title = array_flip(WordForm::of($this->themes[$index]['name'])),
            $title + array_flip(WordForm::of(implode(' ', $this->themes[$index]['words']))),
        ];
    }
}
