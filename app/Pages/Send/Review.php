<?php

declare(strict_types=1);

namespace App\Pages\Send;

use App\Pages\Gather\SeasonMoney;
use App\Queries\LidsSeen;
use App\Queries\SeasonBoxes;
use App\Words\Words;
use PluckyWren\Core\Box\Bench\LidSeen;
use PluckyWren\Core\Money\Currency;
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
     */
    private function __construct(
        public SeasonMoney $money,
        public array $spreads,
        public array $byBand,
        public int $withoutPrice,
        public array $lids,
        public array $thanks,
    ) {}

    public static function of(SeasonMoney $money): self
    {
        $seasons = SeasonBoxes::all();
        $boxes = $seasons[$money->season->year] ?? [];
        $byBand = [];
        foreach ($boxes as $box) {
            $byBand[$box['band']][$box['gender']] = ($byBand[$box['band']][$box['gender']] ?? 0) + 1;
        }
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
