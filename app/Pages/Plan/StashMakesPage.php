<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Crews\CrewInHand;
use App\Models\Box;
use App\Models\Crew;
use App\Models\CrewSeason;
use App\Pages\Gather\SeasonMoney;
use App\Queries\FreeSupplies;
use App\Queries\KindPrices;
use App\Words\Words;
use PluckyWren\Core\Choose\BoxSort;
use PluckyWren\Core\Choose\Demand;
use PluckyWren\Core\Choose\Reach;
use PluckyWren\Core\Choose\StashMakes;
use PluckyWren\Core\Guide\Audience;
use PluckyWren\Core\Guide\Guide;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Money\Money;
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
        public bool $withKitsOpened,
        public bool $haveKits,
        public ?Money $free,
        public ?Reach $reach,
        private Audience $audience,
    ) {}

    /** Determine if the drive gets too few of these. */
    public function isAskedForMost(BoxSort $sort): bool
    {
        return $this->audience->asksMostFor($sort->recipient);
    }

    public static function of(Crew $crew, CrewInHand $hand, Catalogue $catalogue, bool $withKitsOpened): self
    {
        $guide = $hand->guide();
        $sorts = self::sorts($crew, $guide, $catalogue);
        $makes = StashMakes::of($sorts, FreeSupplies::of($guide, $catalogue, $withKitsOpened));
        $names = [];
        foreach ($guide->needs as $need) {
            $names[$need->id] = $need->name;
        }
        $prices = KindPrices::all($crew->currency);
        $lines = self::lines($makes->more(self::MORE)['lacks'], $sorts, $prices, $catalogue, $names);
        $costs = array_map(
            static fn (int $more): ExactAmount => self::sum(
                self::lines($makes->more($more)['lacks'], $sorts, $prices, $catalogue, $names),
                $crew->currency,
            ),
            range(1, self::MORE),
        );
        $free = SeasonMoney::of($crew, $hand)->free();
        $gift = $guide->terms->sendingGift;
        $isAlike = $gift->currency->equals($crew->currency);

        return new self($makes, $makes->total() + ($sorts === [] ? 0 : self::MORE), $lines,
            $costs[self::MORE - 1],
            $names,
            $withKitsOpened,
            FreeSupplies::haveKits(),
            $free,
            $free === null || ! $isAlike ? null : Reach::of($makes->total(), $free, $gift, $sorts === [] ? [] : $costs),
            $guide->audience,
        );
    }

    /**
     * @param  array<string, int>  $lacks  pieces by the need's id
     * @param  list<BoxSort>  $sorts
     * @param  array<string, ExactAmount>  $prices
     * @param  array<string, string>  $names
     * @return list<array{need: string, kind: string, pieces: int, cost: ExactAmount|null}>
     */
    private static function lines(
        array $lacks,
        array $sorts,
        array $prices,
        Catalogue $catalogue,
        array $names,
    ): array {
        $lines = [];
        foreach ($lacks as $id => $pieces) {
            [$kind, $each] = self::cheapest($sorts, $id, $prices);
            $lines[] = [
                'need' => $names[$id] ?? $id, 'kind' => $catalogue->get($kind)->name, 'pieces' => $pieces,
                'cost' => $each?->times($pieces),
            ];
        }

        return $lines;
    }

    /** @param list<array{need: string, kind: string, pieces: int, cost: ExactAmount|null}> $lines */
    private static function sum(array $lines, Currency $currency): ExactAmount
    {
        return array_reduce(
            $lines,
            static fn (ExactAmount $sum, array $line): ExactAmount => $line['cost'] === null
                ? $sum
                : $sum->plus($line['cost']),
            ExactAmount::zero($currency),
        );
    }

    /** How far what is left of the season's budget reaches, in words; empty where none is set. */
    public function reaches(): string
    {
        if ($this->reach === null || $this->free === null || $this->makes->total() === 0) {
            return '';
        }
        if ($this->free->minor < 0) {
            return Words::of('plan/stash-makes.spent');
        }
        $says = trans_choice('plan/stash-makes.reaches', $this->reach->sent, ['money' => $this->free->format()]);

        return $this->reach->more === 0
            ? $says
            : $says.' '.trans_choice('plan/stash-makes.reaches-more', $this->reach->more);
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
