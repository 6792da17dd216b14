<?php

declare(strict_types=1);

namespace App\Reference;

use App\Crews\CrewInHand;
use App\Models\Box;
use App\Models\BoxTheme;
use App\Models\Lot;
use App\Models\OwnTheme;
use PluckyWren\Core\Colour\Colour;
use PluckyWren\Core\Colour\Palette;
use PluckyWren\Core\Stash\ItemKind;
use PluckyWren\Core\Theme\Theme;
use PluckyWren\Core\Theme\ThemeList;
use PluckyWren\Core\Theme\ThemeMatch;

/** What a box's theme is about, and how things stand to it. */
final class Themes
{
    /** So many colours are proposed beside a theme's own. */
    private const NEAR = 6;

    /** @var array<int, ThemeList> by the crew's id */
    private array $lists = [];

    public function __construct(private readonly DataFiles $files, private readonly CrewInHand $crewInHand) {}

    public function list(): ThemeList
    {
        return $this->lists[(int) $this->crewInHand->id()] ??= $this->files
            ->themes()->withOwn(OwnTheme::query()->pluck('words', 'name')->all());
    }

    /** The crew's own words have changed. */
    public function forget(): void
    {
        $this->lists = [];
    }

    public function of(Box $box, ?BoxTheme $said = null): Theme
    {
        $said ??= BoxTheme::query()->find($box->id);

        return Theme::of($box->theme, $box->palette, $said->words ?? [], $said->without ?? [], $this->list());
    }

    /**
     * Get colours that often go with a theme and are not its own.
     *
     * @param  list<string>  $words  that were added
     * @return list<Colour>
     */
    public function coloursNear(string $name, array $words, Palette $own): array
    {
        $hexes = array_merge(...array_column($this->list()->near($name, $words), 'colours'));
        $others = array_diff(array_unique($hexes), $own->hexes());

        return array_map(static fn (string $hex): Colour => new Colour($hex), array_slice($others, 0, self::NEAR));
    }

    /** How a thing of a kind of which nothing else is known stands to it. */
    public function kind(Theme $theme, ItemKind $kind): ThemeMatch
    {
        return ThemeMatch::of($theme, $kind->name, [], $kind, [], $this->list());
    }

    public function match(Theme $theme, Lot $lot): ThemeMatch
    {
        $tags = array_values(array_filter(array_map(trim(...), explode(',', $lot->tags))));

        return ThemeMatch::of($theme, $lot->name, $tags, $lot->itemKind(), $lot->colours->colours, $this->list());
    }
}
