<?php

declare(strict_types=1);

namespace PluckyWren\Core\Theme;

use PluckyWren\Core\Colour\Colour;
use PluckyWren\Core\Colour\Palette;

/** What a box's pieces go together by. */
final readonly class Theme
{
    /**
     * @param  list<string>  $words  as `WordForm` gives them
     * @param  list<string>  $kinds  ids of kinds that suit it whatever they are called
     * @param  string|null  $season  the time of the year that its own name or words speak of
     */
    public function __construct(
        public string $name,
        public array $words,
        public array $kinds,
        public Palette $palette,
        public ?string $season = null,
    ) {}

    /**
     * @param  list<string>  $ownWords  that the packer added
     * @param  list<string>  $without  that she took away
     */
    public static function of(string $name, Palette $palette, array $ownWords, array $without, ThemeList $list): self
    {
        $near = $list->near($name, $ownWords);
        $words = WordForm::of(implode(' ', [$name, ...$ownWords, ...array_merge(...array_column($near, 'words'))]));

        return new self(
            $name,
            array_values(array_diff($words, WordForm::of(implode(' ', $without)))),
            array_values(array_unique(array_merge(...array_column($near, 'kinds')))),
            $palette,
            // By what it is called alone: a theme nearby that has a beach makes no summer of it.
            $list->season(WordForm::of(implode(' ', [$name, ...$ownWords]))),
        );
    }

    /** How far a colour is from the theme's nearest; null where the theme has none. */
    public function distance(Colour $colour): ?float
    {
        $lab = OkLab::of($colour);
        $distances = array_map(
            static fn (Colour $own): float => OkLab::of($own)->distanceTo($lab),
            $this->palette->colours,
        );

        return $distances === [] ? null : min($distances);
    }
}
