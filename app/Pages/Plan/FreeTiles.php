<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Models\Lot;
use App\Reference\Themes;
use Illuminate\Support\Collection;
use PluckyWren\Core\Theme\Standing;
use PluckyWren\Core\Theme\Theme;

/** What lies free or is on its way, as tiles by how well each goes with a theme. */
final class FreeTiles
{
    private const LOOKED_AT = 2_000;

    private const SHOWN = 18;

    /**
     * @param  array<string>  $but  ids of lots that are left out
     * @return Collection<int, ThemeTile> best first
     */
    public static function of(Theme $theme, Themes $themes, array $but): Collection
    {
        $lots = Lot::withSetAside();
        $lots->whereRaw(Lot::CAN_BE_PROMISED)->whereNotIn('id', $but)->orderBy('name')->limit(self::LOOKED_AT);

        return $lots->get()->toBase()
            ->map(static fn (Lot $lot): ThemeTile => new ThemeTile(
                $lot->id, $lot->name, $lot->itemKind(), $lot->stock()->left(), $themes->match($theme, $lot),
                due: $lot->due_on?->format('j M') ?? '',
            ))
            ->filter(static fn (ThemeTile $tile): bool => $tile->count > 0)
            ->sortByDesc(static fn (ThemeTile $tile): int => $tile->match->score)
            ->values();
    }

    /**
     * @param  Collection<int, ThemeTile>  $tiles  best first
     * @return list<ThemeTile> those that go with the theme, as many as a board shows
     */
    public static function onTheme(Collection $tiles): array
    {
        $on = $tiles->filter(static fn (ThemeTile $tile): bool => $tile->match->standing === Standing::On);

        return array_values($on->take(self::SHOWN)->all());
    }
}
