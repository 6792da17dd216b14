<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Lot;
use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Box\StartingList;
use PluckyWren\Core\Guide\Need;
use PluckyWren\Core\Guide\NeedsFilled;
use PluckyWren\Core\Guide\NeedState;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\ItemKind;

/** What may be picked for a box, best first: what fills a need, then a wish, then the rest. */
final class Picker
{
    /** So many are offered at once; typing narrows them. */
    private const MOST = 24;

    /** @var array<string, int>|null how many are on hand, by kind */
    private ?array $onHand = null;

    public function __construct(private readonly StartingList $startingList, private readonly Catalogue $catalogue) {}

    /** Get how many pieces on hand would fill a need; the stash is counted once for all needs. */
    public function onHandFor(Need $need): int
    {
        return array_sum(array_intersect_key($this->onHand(), array_flip($need->anyOf)));
    }

    /** Get the best of the lots with pieces on hand, and how many there are beside. */
    public function fromStash(Plan $plan, PickerState $state): Offers
    {
        $query = Lot::withSetAside();
        $query->whereRaw(Lot::HAS_SOME_LEFT)->orderBy('name');
        if ($state->search !== '') {
            Lot::matching($query, $state->search);
        }
        foreach ([$this->wantedNeed($plan, $state)?->anyOf, $state->lane === null ? null : array_keys($this->catalogue->ofCategory($state->lane))] as $kinds) {
            if ($kinds !== null) {
                $query->whereIn('kind', $kinds);
            }
        }
        $lots = $query->get();
        $needs = $plan->guide->needsFilled($plan->recipient, $plan->held());
        $wishes = NeedsFilled::of($plan->guide->wishes, $plan->recipient, $plan->held());

        $offers = $lots->map(fn (Lot $lot): Offer => $this->offer($lot, $plan, $needs, $wishes))
            ->sortBy([static fn (Offer $one, Offer $other): int => $one->rank() <=> $other->rank()])->values();

        return new Offers(array_values($offers->take(self::MOST)->all()), max(0, $offers->count() - self::MOST));
    }

    /** @return array<string, array{ItemKind, int}> what fills the box's needs and is not in it yet */
    public function toBuy(Plan $plan): array
    {
        return $this->startingList->of($plan);
    }

    /** @return array<string, int> pieces not set aside, by kind */
    public function onHand(): array
    {
        if ($this->onHand === null) {
            $query = Lot::query();
            $query->selectRaw('kind, sum(pieces - gone - (select coalesce(sum(p.quantity), 0) from pieces p where p.lot_id = lots.id)) as on_hand')->whereRaw(Lot::CAN_BE_PACKED)->groupBy('kind');
            /** @var array<string, int> $onHand */
            $onHand = $query->toBase()->pluck('on_hand', 'kind')->all();
            $this->onHand = $onHand;
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

    private function offer(Lot $lot, Plan $plan, NeedsFilled $needs, NeedsFilled $wishes): Offer
    {
        $lacks = static function (NeedsFilled $asked) use ($lot): ?NeedState {
            foreach ($asked->missing() as $state) {
                if ($state->need->takes($lot->kind)) {
                    return $state;
                }
            }

            return null;
        };
        $need = $lacks($needs);
        $wish = $need === null ? $lacks($wishes) : null;
        $usual = $lot->itemKind()->usualCount($plan->recipient->band);
        $suggested = max(1, min($need?->lacks() ?? ($wish?->lacks() ?? $usual), $lot->stock()->onHand()));

        return new Offer($lot, $need, $wish, $suggested, $plan);
    }
}
