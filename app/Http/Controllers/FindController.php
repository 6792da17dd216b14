<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Box;
use App\Models\Lot;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\Request;

final class FindController
{
    private const MOST = 30;

    public function __invoke(Request $request): View
    {
        $search = trim(mb_substr(is_string($request->query('q')) ? $request->query('q') : '', 0, 80));
        $like = '%'.addcslashes($search, '%_\\').'%';

        return view('find', [
            'search' => $search,
            'boxes' => $search === '' ? collect() : Box::query()->whereRaw("theme like ? escape '\\'", [$like])->orderBy('number')->limit(self::MOST)->get(),
            'lots' => $search === '' ? collect() : self::lots($search),
        ]);
    }

    /** @return Collection<int, Lot> */
    private static function lots(string $search): Collection
    {
        $query = Lot::withSetAside();
        Lot::matching($query, $search);
        $query->orderBy('name')->limit(self::MOST);

        return $query->get();
    }
}
