<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Models\Box;
use App\Models\BoxChange;
use App\Models\Lot;
use App\Words\Words;
use Illuminate\Database\Eloquent\Collection;
use PluckyWren\Core\Stash\Catalogue;

/** What the changes of boxes are about, in words. */
final class BoxStory
{
    private const NAMED = 3;

    /**
     * What changes are about: as “: 2 × Soap, a comb”, or empty.
     *
     * @param  Collection<int, BoxChange>  $changes
     * @return array<int, string> by their ids
     */
    public static function linesOf(Collection $changes): array
    {
        // What a change holds is decoded each time that it is asked for.
        $pieces = $lots = [];
        foreach ($changes as $change) {
            [$before, $after] = $pieces[$change->id] = [$change->before['pieces'], $change->after['pieces']];
            array_push($lots, ...array_column($before, 'lot_id'), ...array_column($after, 'lot_id'));
        }
        /** @var array<string, string> $names */
        $names = $lots === []
            ? []
            : Lot::query()->whereKey(array_unique(array_filter($lots)))->pluck('name', 'id')->all();

        return array_map(
            static fn (array $one): string => self::about($one[0], $one[1], $names),
            $pieces,
        );
    }

    /**
     * What a change is about; empty where it is about the box itself.
     *
     * @param  array<string, array<string, mixed>|null>  $before  pieces by id
     * @param  array<string, array<string, mixed>|null>  $after
     * @param  array<string, string>  $lots  their names, by id
     */
    private static function about(array $before, array $after, array $lots): string
    {
        $names = [];
        foreach ($before as $id => $was) {
            $is = $after[$id] ?? null;
            $row = $is ?? $was ?? [];
            $kind = $row['kind'] ?? '';
            $name = is_string($row['lot_id'] ?? null)
                ? $lots[$row['lot_id']] ?? ''
                : resolve(Catalogue::class)->get(is_string($kind) ? $kind : '')->name;
            $counts = array_unique(array_filter([$was['quantity'] ?? null, $is['quantity'] ?? null], is_numeric(...)));
            $names[] = trim(implode(' → ', $counts)." × {$name}");
        }
        $more = count($names) > self::NAMED ? ' …' : '';

        return $names === [] ? '' : ': '.implode(', ', array_slice($names, 0, self::NAMED)).$more;
    }
}
