<?php

declare(strict_types=1);

namespace App\Pages\Gather;

use App\Models\Lot;
use Illuminate\Database\Eloquent\Collection;

/** The lots that another may be put together with: of the same kind, price known alike, and in the same state. */
final class AlikeLots
{
    private const SHOWN = 40;

    /** @return Collection<int, Lot> by name */
    public static function of(Lot $lot): Collection
    {
        return Lot::query()
            ->where('kind', $lot->kind)
            ->where('price_state', $lot->price_state)
            ->whereKeyNot($lot->id)
            ->get()
            ->filter(static fn (Lot $other): bool => [$other->due_on, $other->fault, $other->fault_end]
                == [$lot->due_on, $lot->fault, $lot->fault_end])
            ->sortBy('name')
            ->take(self::SHOWN);
    }
}
