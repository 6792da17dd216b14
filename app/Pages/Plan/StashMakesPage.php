<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Models\Box;
use App\Models\Crew;
use App\Models\CrewSeason;
use App\Queries\FreeSupplies;
use App\Queries\KindPrices;
use App\Reference\Guides;
use PluckyWren\Core\Choose\BoxSort;
use PluckyWren\Core\Choose\Demand;
use PluckyWren\Core\Choose\StashMakes;
use PluckyWren\Core\Guide\Guide;
use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Recipient\Gender;
use PluckyWren\Core\Recipient\Recipient;
use PluckyWren\Core\Season\Season;
use PluckyWren\Core\Stash\Catalogue;

/** How many complete boxes lie in the stash, what runs out first, and what a few more would take. */
final readonly class StashMakesPage
{
    private const MORE = 5;

    /**
     * @param  list<array{need: string, kind: string, pieces: int, cost: ExactAmount|null}>  $more  what is to come in
     *     for a few boxes more, each need by its cheapest kind
     * @param  ExactAmount  $cost  of these, as far as it is known
     * @param  array<string, string>  $names  of needs, by their ids
     */
    private function __construct(
        public StashMakes $makes,
        public int $then,
        public array $more,
        public ExactAmount $cost,
        public array $names,
    ) {}

    public static function of(Crew $crew, Guides $guides, Catalogue $catalogue): self
    {
        $guide = $guides->current();
        $sorts = self::sorts($crew, $guide, $catalogue);
        $makes = StashMakes::of($sorts, FreeSupplies::of($guide, $catalogue));
        $names = [];
        foreach ($guide->needs as $need) {
            $names[$need->id] = $need->name;
        }
        $prices = KindPrices::all($crew->currency);
        $more = $makes->more(self::MORE);
        $lines = [];
        $sum = ExactAmount::zero($crew->currency);
        foreach ($more['lacks'] as $id => $pieces) {
            [$kind, $each] = self::cheapest($sorts, $id, $prices);
            $cost = $each?->times($pieces);
            $sum = $cost === null ? $sum : $sum->plus($cost);
            $lines[] = [
                'need' => $names[$id] ?? $id, 'kind' => $catalogue->get($kind)
                    ->name, 'pieces' => $pieces, 'cost' => $cost,
            ];
        }

        return new self($makes, $makes->total() + ($sorts === [] ? 0 : self::MORE), $lines, $sum, $names);
    }

    /** @return list<string> what runs out first, in words, soonest first */
    public function short(): array
    {
        return array_map(fn (string $need): string => $this->names[$need] ?? $need, array_keys($this->makes->short));
    }

    /** @return list<BoxSort> a girl's and a boy's of each age group, wanted as far as the crew's goal is not reached */
    private static function sorts(Crew $crew, Guide $guide, Catalogue $catalogue): array
    {
        $year = Season::of($guide->terms->handIn, $crew->today())->year;
        $goals = CrewSeason::query()->where('year', $year)->first()->goals ?? [];
        $there = array_count_values(array_map(strval(...), Box::query()->where('season', $year)->pluck('band')->all()));
        $genders = array_values(array_filter(
            $guide->audience->genders,
            static fn (Gender $gender): bool => $gender !== Gender::Either,
        )) ?: [Gender::Either];
        $sorts = [];
        foreach ($guide->audience->bands as $band) {
            $wanted = max(0, ($goals[$band->id()] ?? 0) - ($there[$band->id()] ?? 0));
            foreach ($genders as $place => $gender) {
                $recipient = new Recipient($band, $gender);
                $demands = [];
                foreach ($guide->needs as $need) {
                    if ($need->countFor($recipient) > 0) {
                        $demands[] = new Demand(
                            $need->id,
                            $need->name,
                            $need->countFor($recipient),
                            $need->kindsIn($catalogue),
                        );
                    }
                }
                // Of an odd number the first gets one more.
                $sorts[] = new BoxSort(
                    $recipient,
                    $demands,
                    intdiv($wanted + count($genders) - 1 - $place, count($genders)),
                );
            }
        }

        return $sorts;
    }

    /**
     * @param  list<BoxSort>  $sorts
     * @param  array<string, ExactAmount>  $prices
     * @return array{string, ExactAmount|null} the kind by which a need is filled at the least cost, and what one costs
     */
    private static function cheapest(array $sorts, string $need, array $prices): array
    {
        $first = '';
        $best = null;
        foreach ($sorts as $sort) {
            foreach ($sort->demands as $demand) {
                foreach ($demand->need === $need ? $demand->kinds : [] as $kind) {
                    $first = $first === '' ? $kind : $first;
                    $price = $prices[$kind] ?? null;
                    if ($price !== null && ($best === null || $price->compareTo($best[1]) < 0)) {
                        $best = [$kind, $price];
                    }
                }
            }
        }

        return $best ?? [$first, null];
    }
}
