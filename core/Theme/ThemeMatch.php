<?php

declare(strict_types=1);

namespace PluckyWren\Core\Theme;

use PluckyWren\Core\Colour\Colour;
use PluckyWren\Core\Colour\InvalidPalette;
use PluckyWren\Core\Stash\ItemKind;

/** How well a thing goes with a theme, and why. */
final readonly class ThemeMatch
{
    /** Nearer than this looks the same, nearer than that looks alike, further than the last clashes. Our measures. */
    private const SAME = 0.055;

    private const NEAR = 0.12;

    private const FAR = 0.24;

    /** What each reason weighs; on a theme is what reaches the least. */
    private const WEIGHTS = [
        'tag' => 4, 'word' => 3, 'kind' => 2, 'same-colour' => 3, 'near-colour' => 2, 'far-colour' => -1,
        'season' => 2, 'off-season' => -3,
    ];

    private const LEAST_ON = 2;

    /**
     * @param  list<Reason>  $reasons
     * @param  list<Colour>  $colours  by which it was judged
     */
    private function __construct(
        public int $score,
        public array $reasons,
        public Standing $standing,
        public array $colours,
    ) {}

    /**
     * @param  list<string>  $tags
     * @param  list<Colour>  $colours  that it is known to have; those that its name tells where none are
     *
     * @throws InvalidPalette If a colour of the list's file is none.
     */
    public static function of(
        Theme $theme,
        string $name,
        array $tags,
        ItemKind $kind,
        array $colours,
        ThemeList $list,
    ): self {
        $colours = $list->coloursOf($colours, $name);
        $reasons = [];
        $tagWords = WordForm::of(implode(' ', $tags));
        $tag = array_intersect($theme->words, $tagWords);
        $word = array_diff(array_intersect($theme->words, WordForm::of($name)), $tag);
        array_push($reasons, ...self::first('tag', $tag), ...self::first('word', $word));
        if (in_array($kind->id, $theme->kinds, true)) {
            $reasons[] = new Reason('kind');
        }
        $season = $list->seasonOf($kind->id);
        if ($theme->season !== null && $season !== null) {
            $reasons[] = new Reason($season === $theme->season ? 'season' : 'off-season', $season);
        }
        $colour = self::colour($theme, $colours);
        if ($colour !== null) {
            $reasons[] = $colour;
        }
        $score = array_sum(array_map(static fn (Reason $reason): int => self::WEIGHTS[$reason->sort], $reasons));

        return new self($score, $reasons, match (true) {
            $score >= self::LEAST_ON => Standing::On,
            $score < 0 => Standing::Off,
            default => Standing::Neutral,
        }, $colours);
    }

    /**
     * @param  array<string>  $words
     * @return list<Reason>
     */
    private static function first(string $sort, array $words): array
    {
        return $words === [] ? [] : [new Reason($sort === 'tag' ? 'tag' : 'word', array_values($words)[0])];
    }

    /**
     * The colour that speaks most for it; where none does, one that speaks against it.
     *
     * @param  list<Colour>  $colours
     */
    private static function colour(Theme $theme, array $colours): ?Reason
    {
        $best = null;
        $least = INF;
        $isNeutral = false;
        foreach ($colours as $colour) {
            $distance = $theme->distance($colour);
            $isNeutral = $isNeutral || ColourFamily::of($colour)->isNeutral();
            if ($distance !== null && $distance < $least) {
                [$least, $best] = [$distance, $colour];
            }
        }

        return match (true) {
            $best === null => null,
            $least <= self::SAME => new Reason('same-colour', colour: $best),
            $least <= self::NEAR => new Reason('near-colour', colour: $best),
            $least >= self::FAR && ! $isNeutral => new Reason('far-colour', colour: $best),
            default => null,
        };
    }
}
