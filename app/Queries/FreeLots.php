<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\Lot;
use Illuminate\Database\Eloquent\Collection;

/** Lots of which something lies free. */
final class FreeLots
{
    private const MOST = 200;

    /**
     * @param  list<string>  $kinds  ids of the kinds of the lane
     * @return Collection<int, Lot> with what is set aside, by name
     */
    public static function ofKinds(array $kinds): Collection
    {
        $lots = Lot::withSetAside()->where('due_on', null);
        $lots->whereIn('kind', $kinds)->orderBy('name')->limit(self::MOST);

        return $lots->get()->filter(static fn (Lot $lot): bool => $lot->stock()->onHand() > 0)->values();
    }
}
