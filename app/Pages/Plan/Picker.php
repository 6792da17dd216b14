<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Models\Box;
use App\Models\Lot;
use App\Reference\Themes;
use PluckyWren\Core\Box\Foretelling;
use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Box\Shopping\OnHand;
use PluckyWren\Core\Box\StartingList;
use PluckyWren\Core\Guide\Need;
use PluckyWren\Core\Guide\NeedsFilled;
use PluckyWren\Core\Guide\NeedState;
use PluckyWren\Core\Guide\Rules\RuleBook;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\ItemKind;
use PluckyWren\Core\Theme\ThemeMatch;

/** What may be picked for a box, best first: what fills a need, then a wish, then the rest. */
final class Picker
{
    private ?OnHand $onHand = null;

    public function __construct(
        private readonly StartingList $startingList,
        private readonly Catalogue $catalogue,
        private readonly RuleBook $rules,
        private readonly Themes $themes,
    ) {}

    /** Get how many pieces on hand would fill a need of a box for a band. */
    public function onHandFor(Need $need, AgeBand $band): int
    {
        return $this->onHandOf($need->kindsIn($this->catalogue), $band);
    }

    /**
     * Get how many pieces of any of several kinds are on hand for a band.
     *
     * @param  list<string>  $kinds
     */
    public function onHandOf(array $kinds, AgeBand $band): int
    {
        return array_sum(array_map(fn (string $kind): int => $this->onHand()->of($kind, $band), $kinds));
    }

    /**
     * Get the best of the lots with pieces on hand or on their way, and how many there are beside.
     *
     * @param  Box|null  $box  by whose theme those that are wanted alike are ranked; null where that is no matter
     */
    public function fromStash(Plan $plan, PickerState $state, ?Box $box = null): Offers
    {
        $theme = $box === null ? null : $this->themes->of($box);
        $query = Lot::withSetAside()->withExists('photo');
        // What is on its way comes after what is here.
        $query->whereRaw(Lot::CAN_BE_PROMISED)->orderByRaw('due_on is not null')->orderBy('due_on')->orderBy('name');
        if ($state->search !== '') {
            Lot::matching($query, $state->search);
        }
        foreach (
            [
                $this->wantedNeed($plan, $state)?->kindsIn($this->catalogue),
                $state->lane === null ? null : array_keys($this->catalogue->ofCategory($state->lane)),
            ] as $kinds
        ) {
            if ($kinds !== null) {
                $query->whereIn('kind', $kinds);
            }
        }
        $lots = $query->with(['leftBehind', 'heldFor.idea'])->get();
        $foretelling = new Foretelling($plan, $this->rules);
        $needs = $plan->guide->needsFilled($plan->recipient, $plan->held());
        $wishes = NeedsFilled::of($plan->guide->wishes, $plan->recipient, $plan->held());

        $offers = $lots->map(fn (Lot $lot): Offer => $this->offer(
            $lot, $foretelling, $plan, $needs, $wishes, $theme === null ? null : $this->themes->match($theme, $lot),
            // The box that left it is not the next one.
            $lot->leftBehind !== null && $lot->leftBehind->theme !== $box?->theme,
        ))->sortBy(static fn (Offer $offer): array => $offer->rank())->values();

        return new Offers(
            array_values($offers->take($state->many)->all()), max(0, $offers->count() - $state->many),
        );
    }

    /** @return array<string, array{ItemKind, int}> what fills the box's needs and is not in it yet */
    public function toBuy(Plan $plan): array
    {
        return $this->startingList->of($plan);
    }

    /** Get what is on hand; the stash is counted once for a page. */
    public function onHand(): OnHand
    {
        if ($this->onHand === null) {
            $query = Lot::query();
            $query->selectRaw(
                "kind, coalesce(size_label, '') as label, sum(pieces - gone - (select coalesce(sum(p.quantity), 0) "
                    .'from pieces p where p.lot_id = lots.id)) as on_hand',
            )
                ->whereRaw(Lot::CAN_BE_PACKED)
                ->groupBy('kind', 'label');
            $counts = [];
            foreach ($query->toBase()->get() as $row) {
                $counts[(string) $row->kind][(string) $row->label] = (int) $row->on_hand;
            }
            $this->onHand = new OnHand($counts, $this->catalogue);
        }

        return $this->onHand;
    }

    private function wantedNeed(Plan $plan, PickerState $state): ?Need
    {
        foreach ($plan->guide->needs as $need) {
            if ($need->id === $state->needId) {
                return $need;
            }
        }

        return null;
    }

    private function offer(
        Lot $lot,
        Foretelling $foretelling,
        Plan $plan,
        NeedsFilled $needs,
        NeedsFilled $wishes,
        ?ThemeMatch $match,
        bool $isLeftForIt,
    ): Offer {
        $kind = $lot->itemKind();
        $lacks = static function (NeedsFilled $asked) use ($kind): ?NeedState {
            foreach ($asked->missing() as $state) {
                if ($state->need->takesKind($kind)) {
                    return $state;
                }
            }

            return null;
        };
        $need = $lacks($needs);
        $wish = $need === null ? $lacks($wishes) : null;
        $usual = $kind->usualCount($plan->recipient->band);
        $suggested = max(1, min($need?->lacks() ?? ($wish?->lacks() ?? $usual), $lot->stock()->left()));

        return new Offer($lot, $need, $wish, $suggested, $foretelling, $match, $isLeftForIt);
    }
}
