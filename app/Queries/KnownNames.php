<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\Box;
use App\Models\Lot;
use PluckyWren\Core\Stash\Line\Known;
use PluckyWren\Core\Stash\Source;

/** The names that the crew in hand has used before: places and givers, where things are kept, boxes, its own things. */
final class KnownNames
{
    /** So many are known again, the newest first. */
    private const MOST = 500;

    public static function all(): Known
    {
        $places = $things = [];
        $sources = Lot::query()->toBase()
            ->whereNotNull('place')->where('place', '<>', '')
            ->selectRaw('place, source, max(got_on) as latest')
            ->groupBy('place', 'source')->orderByDesc('latest')->limit(self::MOST)
            ->get();
        foreach ($sources as $row) {
            $places[(string) $row->place] ??= Source::from($row->source);
        }
        // “Mill Lane Stores” before “Mill Lane”: the longer name is the one that is meant.
        uksort($places, static fn (string $one, string $other): int => mb_strlen($other) <=> mb_strlen($one));
        $named = Lot::query()->toBase()
            ->selectRaw('lower(name) as name, kind, max(id) as latest')
            ->groupByRaw('lower(name), kind')->orderByDesc('latest')->limit(self::MOST)
            ->get();
        foreach ($named as $row) {
            $things[(string) $row->name] ??= (string) $row->kind;
        }
        $kept = Lot::query()->toBase()->whereNotNull('kept')->distinct()->limit(self::MOST)->pluck('kept');
        $boxes = Box::stillOpen()->toBase()->pluck('theme');

        return new Known(
            $places,
            array_values(array_filter($kept->all(), is_string(...))),
            array_values(array_filter($boxes->all(), is_string(...))),
            $things,
        );
    }
}
