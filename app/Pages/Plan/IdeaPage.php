<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Models\Idea;
use App\Models\IdeaThing;
use App\Models\Lot;
use App\Reference\Themes;
use PluckyWren\Core\Colour\Colour;
use PluckyWren\Core\Colour\Palette;
use PluckyWren\Core\Theme\Theme;

/** A theme for which there is no box yet: what is held for it, what would go, what is wished. */
final readonly class IdeaPage
{
    /**
     * @param  list<array{ThemeTile, IdeaThing}>  $held
     * @param  list<ThemeTile>  $would  what lies free and goes with it, best first
     * @param  list<Colour>  $near  colours that often go with such a theme and are not its own
     */
    private function __construct(
        public Idea $idea,
        public Theme $theme,
        public array $held,
        public array $would,
        public array $near,
        public ?Lot $seed,
    ) {}

    public static function of(Idea $idea, Themes $themes): self
    {
        $idea->load('things.lot');
        $theme = Theme::of($idea->name, $idea->palette, $idea->words, $idea->without, $themes->list());
        $held = $idea->things->map(static fn (IdeaThing $thing): array => [
            new ThemeTile(
                $thing->lot_id, $thing->lot->name, $thing->lot->itemKind(), $thing->quantity,
                $themes->match($theme, $thing->lot),
            ),
            $thing,
        ]);
        $free = FreeTiles::of($theme, $themes, $idea->things->pluck('lot_id')->all());

        return new self(
            $idea,
            $theme,
            array_values($held->all()),
            FreeTiles::onTheme($free),
            $themes->coloursNear($idea->name, $idea->words, $idea->palette),
            $idea->seed_lot_id === null ? null : Lot::query()->find($idea->seed_lot_id),
        );
    }

    /** What an idea that begins with a find is proposed to be: named by the nearest theme, in the find's colours. */
    public static function proposed(?Lot $seed, Themes $themes): Idea
    {
        if ($seed === null) {
            return new Idea;
        }
        $tags = array_values(array_filter(array_map(trim(...), explode(',', $seed->tags))));
        $near = $themes->list()->aroundFind($seed->name, $tags, $seed->kind);
        $colours = $themes->list()->coloursOf($seed->colours->colours, $seed->name);

        return new Idea([
            'name' => ucfirst($near['name'] ?? $seed->name),
            'words' => $tags,
            'palette' => Palette::ofHexes(array_map(
                static fn (Colour $colour): string => $colour->hex,
                array_slice($colours, 0, 3),
            )),
        ]);
    }
}
