<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Models\Box;
use App\Models\LeftBehind;
use App\Models\Lot;
use App\Reference\Labels;
use App\Reference\Themes;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use PluckyWren\Core\Box\Foretelling;
use PluckyWren\Core\Box\Gauges;
use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Box\Shopping\OnHand;
use PluckyWren\Core\Box\StartingList;
use PluckyWren\Core\Guide\Need;
use PluckyWren\Core\Guide\Rules\RuleBook;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\ItemKind;

/** What may be picked for a box, best first: what fills a need of this child, then a wish, then the rest. */
final class Picker
{
    private ?OnHand $onHand = null;

    public function __construct(
        private readonly StartingList $startingList,
        private readonly Catalogue $catalogue,
        private readonly RuleBook $rules,
        private readonly Themes $themes,
        private readonly Labels $labels,
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
    public function fromStash(Plan $plan, Gauges $now, PickerState $state, ?Box $box = null): Offers
    {
        $asked = new AskedOf($plan->recipient->band, $now, $this->catalogue, $this->labels);
        // The box that left it is not the next one.
        $behind = LeftBehind::query()->get()->keyBy('lot_id');
        $left = $behind->where('theme', '<>', (string) $box?->theme);
        $groups = [[], [], [], []];
        // Only those that may be shown are looked at closely, however many there are.
        foreach ($this->offered($plan, $state)->toBase()->get(['id', 'kind', 'size_label']) as $lot) {
            $groups[$left->has($lot->id) ? 0 : $asked->group($lot->kind, $lot->size_label)][] = (string) $lot->id;
        }
        $theme = $box === null ? null : $this->themes->of($box);
        $foretelling = new Foretelling($plan, $this->rules);
        $offers = array_map(
            fn (Lot $lot): Offer => new Offer(
                $lot, $asked, $foretelling, $theme === null ? null : $this->themes->match($theme, $lot),
                $left->has($lot->id),
            ),
            self::loaded(self::mayBeShown($groups, $state->many, $theme !== null), $behind),
        );
        usort($offers, static fn (Offer $one, Offer $other): int => $one->rank() <=> $other->rank());

        return new Offers(
            array_slice($offers, 0, $state->many),
            max(0, array_sum(array_map(count(...), $groups)) - $state->many),
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
                $kind = (string) $row->kind;
                $label = $row->label === ''
                    ? ''
                    : $this->labels->told((string) $row->label, $this->catalogue->get($kind)->care->isShoes);
                $counts[$kind][$label] = ($counts[$kind][$label] ?? 0) + (int) $row->on_hand;
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

    /** @return Builder<Lot> with pieces that can be promised, of those asked for; what is on its way after the rest */
    private function offered(Plan $plan, PickerState $state): Builder
    {
        $query = Lot::query();
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

        return $query;
    }

    /**
     * Of groups of lots, the best first, whatever may be among the first so many: of the last group all of it, where it
     * is to be sorted.
     *
     * @param  array<int, list<string>>  $groups  ids
     * @return list<string> ids
     */
    private static function mayBeShown(array $groups, int $many, bool $isSorted): array
    {
        $ids = [];
        foreach ($groups as $group) {
            $lack = $many - count($ids);
            if ($lack > 0) {
                array_push($ids, ...($isSorted ? $group : array_slice($group, 0, $lack)));
            }
        }

        return $ids;
    }

    /**
     * @param  list<string>  $ids
     * @param  Collection<array-key, LeftBehind>  $behind  by the lot's id
     * @return list<Lot> in that order; without what someone else has deleted since
     */
    private static function loaded(array $ids, Collection $behind): array
    {
        $query = Lot::withSetAside()->withExists('photo')->with('heldFor.idea');
        $query->whereIn('id', $ids);
        $lots = $query->get()->keyBy('id')->all();
        foreach ($lots as $id => $lot) {
            $lot->setRelation('leftBehind', $behind->get($id));
        }

        return array_values(array_filter(array_map(static fn (string $id): ?Lot => $lots[$id] ?? null, $ids)));
    }
}
