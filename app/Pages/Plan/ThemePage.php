<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Models\Box;
use App\Models\BoxTheme;
use App\Models\Lot;
use App\Reference\Themes;
use App\Words\Words;
use Illuminate\Support\Collection;
use PluckyWren\Core\Colour\Colour;
use PluckyWren\Core\Guide\NeedState;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\ItemKind;
use PluckyWren\Core\Theme\Cohesion;
use PluckyWren\Core\Theme\Standing;
use PluckyWren\Core\Theme\Theme;
use PluckyWren\Core\Theme\ThemeMatch;

/** The theme board of a box: what is in it and what would go, around the find it began with. */
final readonly class ThemePage
{
    private const MOST_TO_BUY = 8;

    /**
     * @param  list<ThemeTile>  $in  what is in the box
     * @param  list<ThemeTile>  $would  what lies free and goes with it, best first
     * @param  list<string>  $missing  what the guide still asks for, and what comes nearest, in words
     * @param  list<Colour>  $near  colours that often go with such a theme and are not its own
     * @param  list<ItemKind>  $toBuy  kinds that suit it, of which none lies free and none is in it
     * @param  array<string, string>  $seeds  names of what it may have begun with, by the lot's id
     */
    private function __construct(
        public Box $box,
        public BoxTheme $said,
        public Theme $theme,
        public Cohesion $cohesion,
        public array $in,
        public array $would,
        public array $missing,
        public array $near,
        public array $seeds,
        public ?ThemeTile $seed,
        public array $toBuy,
    ) {}

    public static function of(Box $box, Themes $themes, Catalogue $catalogue): self
    {
        $box->load(Box::CONTENTS);
        $said = BoxTheme::query()->find($box->id) ?? new BoxTheme(['box_id' => $box->id, 'crew_id' => $box->crew_id]);
        $theme = $themes->of($box, $said);
        $in = [];
        foreach ($box->contents() as $piece) {
            $planned = $piece->planned();
            $match = $piece->lot === null
                ? ThemeMatch::of($theme, $planned->name, [], $planned->kind, [], $themes->list())
                : $themes->match($theme, $piece->lot);
            $in[] = new ThemeTile(
                $piece->id, $planned->name, $planned->kind, $planned->quantity, $match,
                in_array($piece->id, $said->kept, true),
            );
        }
        $free = FreeTiles::of($theme, $themes, $box->contents()->pluck('lot_id')->filter()->all());
        $seeds = $box->contents()->pluck('lot')->filter()->pluck('name', 'id')->all();
        $seed = $said->seed_lot_id === null ? null : Lot::query()->find($said->seed_lot_id);

        return new self(
            $box,
            $said,
            $theme,
            Cohesion::of(array_values(array_map(
                static fn (ThemeTile $tile): ThemeMatch => $tile->match,
                array_filter($in, static fn (ThemeTile $tile): bool => ! $tile->isKept),
            ))),
            $in,
            FreeTiles::onTheme($free),
            self::missing($box, $free),
            $themes->coloursNear($box->theme, $said->words, $box->palette),
            array_map(strval(...), $seed === null ? $seeds : [$seed->id => $seed->name] + $seeds),
            $seed === null ? null : new ThemeTile(
                $seed->id,
                $seed->name,
                $seed->itemKind(),
                1,
                $themes->match($theme, $seed),
            ),
            self::toBuy($box, $theme, $catalogue, [...$in, ...$free->all()]),
        );
    }

    /**
     * @param  array<ThemeTile>  $there
     * @return list<ItemKind>
     */
    private static function toBuy(Box $box, Theme $theme, Catalogue $catalogue, array $there): array
    {
        $kinds = array_map(static fn (ThemeTile $tile): string => $tile->kind->id, $there);
        $missing = array_filter(
            array_diff($theme->kinds, $kinds),
            static fn (string $kind): bool => $catalogue->has($kind)
                && $catalogue->get($kind)->isUsualFor($box->recipient()->band),
        );

        return array_map($catalogue->get(...), array_slice(array_values($missing), 0, self::MOST_TO_BUY));
    }

    /**
     * @param  Collection<int, ThemeTile>  $free
     * @return list<string>
     */
    private static function missing(Box $box, Collection $free): array
    {
        $plan = $box->plan();

        return array_map(static function (NeedState $state) use ($free): string {
            $best = $free->first(static fn (ThemeTile $tile): bool => $state->need->takesKind($tile->kind));
            $says = match (true) {
                $best === null => 'missing-none',
                $best->match->standing === Standing::On => 'missing-on',
                default => 'missing-near',
            };

            return ucfirst(
                Words::of("plan/theme.{$says}", ['need' => $state->need->name, 'name' => $best->name ?? '']),
            );
        }, $plan->guide->needsFilled($plan->recipient, $plan->held())->missing());
    }
}
