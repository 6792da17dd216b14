<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Models\Box;
use App\Models\Lot;
use App\Models\Piece;
use App\Queries\KindPrices;
use App\Reference\Themes;
use Illuminate\Support\Collection;
use PluckyWren\Core\Box\Filling\Candidate;
use PluckyWren\Core\Box\Filling\Scarcity;
use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Money\Price;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\ItemKind;
use PluckyWren\Core\Stash\Thing;
use PluckyWren\Core\Theme\Theme;

/** What may be proposed for a box: what lies free, and if wished what could be bought. */
final readonly class FillCandidates
{
    /** Of the lots that lie free so many are looked at, the oldest first. */
    private const LOOKED_AT = 10_000;

    private const LAST_BOXES = 4;

    private const OTHER_BOXES = 40;

    /** So many of a kind are on sale everywhere. */
    private const ON_SALE = 12;

    public function __construct(private Themes $themes, private Catalogue $catalogue) {}

    /** @return list<Candidate> */
    public function of(Box $box, Plan $plan, bool $withBuying): array
    {
        $lots = $this->lots();
        $others = Box::stillOpen()->whereKeyNot($box->id)->with(Box::CONTENTS);
        $others->orderByDesc('number')->limit(self::OTHER_BOXES);
        $missing = $others->get()->map(static function (Box $other): array {
            $plan = $other->plan();

            return $plan->guide->needsFilled($plan->recipient, $plan->held())->missing();
        });
        $scarcity = new Scarcity(array_merge(...$missing->all()));
        foreach ($lots as $lot) {
            $scarcity->counting($lot->itemKind(), $lot->stock()->onHand());
        }
        $seen = $this->seen($box);
        $theme = $this->themes->of($box);
        $today = $box->crew->today();
        $candidates = $lots->map(fn (Lot $lot): Candidate => new Candidate(
            $lot->id,
            $lot->planned("new-{$lot->id}", 1),
            // What is held for a box that is not there yet stays.
            max(0, $lot->stock()->onHand() - (int) $lot->heldFor->sum('quantity')),
            $this->themes->match($theme, $lot)->score,
            max(0, (int) $lot->got_on->diffInDays($today)),
            $seen[$lot->kind] ?? 0.0,
            $scarcity->of($lot->itemKind()),
        ))->values()->all();

        return [...$candidates, ...($withBuying ? $this->toBuy($box, $plan, $theme) : [])];
    }

    /** @return Collection<int, Lot> */
    private function lots(): Collection
    {
        $lots = Lot::withSetAside();
        $lots->whereRaw(Lot::HAS_SOME_LEFT)
            ->orderBy('got_on')
            ->orderBy('id')
            ->limit(self::LOOKED_AT);

        return $lots->with('heldFor')->get();
    }

    /** @return array<string, float> in which share of the last boxes a kind is, by its id */
    private function seen(Box $box): array
    {
        $last = Box::query()->whereKeyNot($box->id)->orderByDesc('number')->limit(self::LAST_BOXES)->pluck('id')->all();
        if ($last === []) {
            return [];
        }
        $pieces = Piece::query()->whereIn('pieces.box_id', $last);
        $pieces->join('lots', 'lots.id', '=', 'pieces.lot_id')
            ->selectRaw('lots.kind as of_kind, count(distinct pieces.box_id) as boxes')
            ->groupBy('of_kind');

        return array_map(
            static fn (mixed $boxes): float => (int) $boxes / count($last),
            $pieces->pluck('boxes', 'of_kind')->all(),
        );
    }

    /** @return list<Candidate> one of each kind that a need of the box takes, at what it may cost */
    private function toBuy(Box $box, Plan $plan, Theme $theme): array
    {
        $prices = KindPrices::all($box->crew->currency);
        $listed = array_map(
            static fn (PlannedPiece $piece): string => $piece->isToBuy() ? $piece->kind->id : '',
            $plan->pieces,
        );
        $candidates = [];
        foreach ($plan->guide->needsFilled($plan->recipient, $plan->held())->missing() as $state) {
            foreach ($state->need->kindsIn($this->catalogue) as $id) {
                $kind = $this->catalogue->get($id);
                // What has no price is not known to be within the budget.
                $isMeant = ! in_array($id, $listed, true) && $kind->isUsualFor($plan->recipient->band);
                if (isset($prices[$id]) && $isMeant) {
                    $candidates[$id] = new Candidate(
                        Candidate::TO_BUY.$id,
                        self::piece($kind, Price::each($prices[$id])),
                        self::ON_SALE,
                        $this->themes->kind($theme, $kind)->score,
                        0,
                    );
                }
            }
        }

        return array_values($candidates);
    }

    private static function piece(ItemKind $kind, Price $price): PlannedPiece
    {
        return new PlannedPiece(Candidate::TO_BUY.$kind->id, Thing::usual($kind), 1, $price, null);
    }
}
