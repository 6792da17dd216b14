<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\Lot;
use Illuminate\Database\Eloquent\Collection;

/** The lots that pieces of some kinds would be taken from: of each kind and size the oldest of which some are left. */
final class OldestLeft
{
    /**
     * Only so many are read as can be needed, however full the stash is: each lot that has some left gives one piece at
     * least.
     *
     * @param  list<string>  $kinds
     * @param  int  $most  how many pieces of one kind are wanted at most
     * @return Collection<int, Lot> by the day they were got, with what of them is set aside
     */
    public static function of(array $kinds, int $most): Collection
    {
        $ranked = Lot::query();
        $ranked->whereIn('kind', $kinds)->whereRaw(Lot::HAS_SOME_LEFT)
            ->selectRaw('id, row_number() over (partition by kind, size_label order by got_on, id) as place');
        $query = Lot::withSetAside();
        $query->whereIn(
            'id',
            $ranked->getModel()
                ->newQueryWithoutScopes()
                ->fromSub($ranked, 'ranked')
                ->where('place', '<=', $most)
                ->select('id'),
        )
            ->orderBy('got_on')->orderBy('id');

        return $query->get();
    }
}
