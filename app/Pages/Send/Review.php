<?php

declare(strict_types=1);

namespace App\Pages\Send;

use App\Models\CrewSeason;
use App\Models\Lot;
use App\Models\TopupBag;
use App\Pages\Gather\SeasonMoney;
use App\Queries\FindingsMet;
use App\Queries\LeftOutMost;
use App\Queries\LidsSeen;
use App\Queries\SeasonBoxes;
use App\Words\Words;
use PluckyWren\Core\Box\Bench\LidSeen;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Season\Spread;

/** A season looked back at. */
final readonly class Review
{
    /**
     * @param  array<int, Spread>  $spreads  what a box cost, by season, newest first
     * @param  array<string, array<string, int>>  $byBand  how many boxes of this season, by band and gender
     * @param  int  $withoutPrice  how many pieces of this season's boxes have no known price
     * @param  list<LidSeen>  $lids  of the latest boxes at the bench
     * @param  list<string>  $thanks  a line for each giver
     * @param  array<string, int>  $goals  how many boxes were meant to be, by band
     * @param  array<string, int>  $findings  in how many boxes, by what was said
     * @param  array<string, int>  $leftOut  pieces, by what they are
     * @param  array<string, int>  $left  pieces that lie free, by lane
     * @param  int  $bags  top-up bags that were handed in
     */
    private function __construct(
        public SeasonMoney $money,
        public array $spreads,
        public array $byBand,
        public int $withoutPrice,
        public array $lids,
        public array $thanks,
        public array $goals,
        public array $findings,
        public array $leftOut,
        public array $left,
        public int $bags,
    ) {}

    public static function of(SeasonMoney $money): self
    {
        $seasons = SeasonBoxes::all();
        $boxes = $seasons[$money->season->year] ?? [];
        $byBand = [];
        foreach ($boxes as $box) {
            $byBand[$box['band']][$box['gender']] = ($byBand[$box['band']][$box['gender']] ?? 0) + 1;
        }
        $year = $money->season->year;
        $goals = CrewSeason::query()->where('year', $year)->first()->goals ?? [];
        $byBand += array_fill_keys(array_keys($goals), []);
        ksort($byBand, SORT_NATURAL);

        return new self(
            $money,
            array_map(
                static fn (array $all): Spread => Spread::of(array_column($all, 'minor'), self::currency($money)),
                $seasons,
            ),
            $byBand,
            array_sum(array_column($boxes, 'withoutPrice')),
            (new LidsSeen)->latest(),
            self::thanks($money),
            $goals,
            FindingsMet::of($year),
            LeftOutMost::of($money->season),
            $money->isCurrent() ? TopupPage::free() : [],
            TopupBag::query()->where('season', $year)->whereNotNull('handed_in_on')->count(),
        );
    }

    public function spread(): ?Spread
    {
        return $this->spreads[$this->money->season->year] ?? null;
    }

    /** @return array<string, string> as they are written, by their ids */
    public function figures(Spread $spread): array
    {
        return [
            'boxes' => (string) count($spread->all),
            'cost' => $spread->total->format(),
            'middle' => $spread->middle->format(),
            'saved' => $this->money->saved()->format(),
        ];
    }

    /** @param array<string, Money> $sums */
    public function sum(array $sums): Money
    {
        return array_reduce(
            $sums,
            static fn (?Money $all, Money $one): Money => $all === null ? $one : $all->plus($one),
        ) ?? Money::zero(self::currency($this->money));
    }

    public function find(Lot $lot): string
    {
        return Words::of('send/review.find', [
            'name' => $lot->name, 'each' => (string) $lot->price()->each?->format(), 'where' => $lot->cameFrom(),
        ]);
    }

    public function bestFind(Lot $lot): string
    {
        return Words::of('send/review.saved-of', [
            'name' => $lot->name, 'paid' => (string) $lot->paid?->format(), 'list' => (string) $lot->list?->format(),
            'where' => $lot->cameFrom(),
        ]);
    }

    /** How many boxes of a band were handed in. */
    public function ofBand(string $band): int
    {
        return array_sum($this->byBand[$band] ?? []);
    }

    /** The most that was paid in one month, in minor units, at least 1. */
    public function dearestMonth(): int
    {
        return max([1, ...array_map(
            static fn (array $month): int => array_sum(array_map(static fn (Money $sum): int => $sum->minor, $month)),
            array_values($this->money->bySourceAndMonth()),
        )]);
    }

    /**
     * @return list<array{source: string, from: int, wide: int}> a month's bar, in thousandths of the dearest month's
     */
    public function bar(string $month): array
    {
        $bar = [];
        $from = 0;
        foreach ($this->money->bySourceAndMonth()[$month] ?? [] as $source => $sum) {
            $wide = intdiv(1000 * $sum->minor, $this->dearestMonth());
            $bar[] = ['source' => $source, 'from' => $from, 'wide' => $wide];
            $from += $wide;
        }

        return $bar;
    }

    public function lidsAsForetold(): int
    {
        return count(array_filter($this->lids, static fn (LidSeen $lid): bool => $lid->ease() === 0));
    }

    /** Where a cost stands on a line from 0 to the most that any box cost, in thousandths of it. */
    public function place(int $minor): int
    {
        $most = max([1, ...array_map(static fn (Spread $spread): int => $spread->most()->minor, $this->spreads)]);

        return intdiv(1000 * $minor, $most);
    }

    private static function currency(SeasonMoney $money): Currency
    {
        return $money->spent()->currency;
    }

    /** @return list<string> */
    private static function thanks(SeasonMoney $money): array
    {
        $lines = [];
        foreach ($money->givers() as $giver => $gifts) {
            $things = array_map(static fn (array $gift): string => $gift['lot']->pieces > 1
                ? "{$gift['lot']->pieces} × {$gift['lot']->name}"
                : $gift['lot']->name, $gifts);
            $boxes = array_unique(array_merge(...array_column($gifts, 'boxes')));
            if ($giver !== '') {
                $lines[] = Words::of($boxes === [] ? 'send/review.thanks-waiting' : 'send/review.thanks', [
                    'giver' => $giver, 'things' => implode(', ', $things), 'boxes' => implode('”, “', $boxes),
                ]);
            }
        }

        return $lines;
    }
}
