<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Database\Contains;
use App\Models\Box;
use App\Models\Lot;
use App\Models\Piece;
use App\Pages\Plan\BoxSheets;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\Request;
use PluckyWren\Core\Box\FitProblem;
use PluckyWren\Core\Stash\Catalogue;

final readonly class FindController
{
    private const MOST = 30;

    public function __construct(private BoxSheets $sheets) {}

    public function __invoke(Request $request): View
    {
        $search = trim(mb_substr(is_string($request->query('q')) ? $request->query('q') : '', 0, 80));

        $lots = $search === '' ? new Collection : self::lots($search);

        return view('plan.find', [
            'search' => $search,
            'nested' => $this->nested($lots),
            'boxes' => $search === ''
                ? collect()
                : Contains::text(Box::query(), 'theme', $search)
                    ->orderBy('number')
                    ->limit(self::MOST)
                    ->get(),
            'lots' => $lots,
            'inside' => $search === '' ? collect() : self::inside($search),
        ]);
    }

    /**
     * Get what holds a piece in its box, as it was packed last: a bottle, say.
     *
     * @param  Collection<int, Lot>  $lots
     * @return array<string, string> the holder's name by the piece's id
     */
    private function nested(Collection $lots): array
    {
        $boxes = $lots->flatMap(
            static fn (Lot $lot) => $lot->setAsidePieces->map(static fn (Piece $piece): Box => $piece->box),
        )
            ->unique('id')
            ->values()
            ->toBase();
        $nested = [];
        foreach ($this->sheets->known($boxes) as $sheet) {
            foreach ($sheet->packing->order() as $placement) {
                $nested += $placement->in === null
                    ? []
                    : [FitProblem::pieceOf($placement->id) => $sheet->packing->nameOf($placement->in)];
            }
        }

        return $nested;
    }

    /**
     * Get where a kind of thing lies inside a kit, in the stash or in a box: “where is it?”
     *
     * @return Collection<int, Lot> with `setAsidePieces.box`
     */
    private static function inside(string $search): Collection
    {
        $kinds = resolve(Catalogue::class)->calledLike($search);
        $query = Lot::query()->with('setAsidePieces.box');
        $query->where(static function (Builder $query) use ($kinds): void {
            $query->whereRaw('1 = 0');
            foreach ($kinds as $kind) {
                $query->orWhere('holds', 'like', "%\"{$kind}\"%");
            }
        });
        $query->orderBy('name')->limit(self::MOST);

        return $query->get();
    }

    /** @return Collection<int, Lot> */
    private static function lots(string $search): Collection
    {
        $query = Lot::withSetAside()->with('setAsidePieces.box.pieces.lot');
        Lot::matching($query, $search);
        $query->orderBy('name')->limit(self::MOST);

        return $query->get();
    }
}
