<?php

declare(strict_types=1);

namespace App\Reference;

use App\Crews\CrewInHand;
use App\Models\Box;
use App\Models\BoxTheme;
use App\Models\Lot;
use App\Models\OwnTheme;
use PluckyWren\Core\Stash\ItemKind;
use PluckyWren\Core\Theme\Theme;
use PluckyWren\Core\Theme\ThemeList;
use PluckyWren\Core\Theme\ThemeMatch;

/** What a box's theme is about, and how things stand to it. */
final class Themes
{
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
