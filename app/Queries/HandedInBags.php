<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\TopupBag;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;

/** The top-up bags that were handed in, as far as they answer a question. */
final class HandedInBags
{
    private const MOST = 50;

    /**
     * @param  string  $words  of what is in them or of a giver; each must be found
     * @param  string  $season  a year; empty for all
     * @return Collection<int, TopupBag> with `pieces`, the last first
     */
    public static function of(string $words, string $season): Collection
    {
        $bags = TopupBag::query()->with('pieces')->where('handed_in_on', '>', '');
        $season === '' || $bags->where('season', (int) $season);
        foreach (array_filter(explode(' ', mb_strtolower(trim($words)))) as $word) {
            $bags->whereHas('pieces', static fn (Builder $pieces) => $pieces->whereRaw(
                "instr(lower(name || ' ' || coalesce(giver, '')), ?) > 0",
                [$word],
            ));
        }
        $bags->orderByDesc('handed_in_on')->orderByDesc('id')->limit(self::MOST);

        return $bags->get();
    }
}
