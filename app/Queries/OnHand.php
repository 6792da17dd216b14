<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\Lot;

/** What of the crew in hand lies free: got, arrived, not gone, and set aside for no box. */
final class OnHand
{
    /** @return array<string, int> pieces by kind, most first */
    public static function byKind(): array
    {
        $lots = Lot::query()->where('due_on', null);
        $lots->selectRaw(
            'kind, sum(lots.pieces - gone'
                .' - coalesce((select sum(quantity) from pieces where pieces.lot_id = lots.id), 0)) as free',
        )
            ->groupBy('kind')
            ->orderByRaw('free desc, kind');

        return array_filter(array_map(intval(...), $lots->toBase()->pluck('free', 'kind')->all()));
    }
}
