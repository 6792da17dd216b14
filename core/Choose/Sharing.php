<?php

declare(strict_types=1);

namespace PluckyWren\Core\Choose;

/**
 * Shares what lies free among what boxes need, so that as much as possible is met: what was given to one need goes to
 * another where that has nothing else (augmenting paths in a flow). A box is taken in whole or not at all.
 */
final class Sharing
{
    /** @var array<int, int> how many of each supply are free still, by its place */
    private array $free = [];

    /**
     * @var array<int, array<int, int>> how many of each supply each demand has, by the demand's place and the supply's
     */
    private array $has = [];

    /** @var list<list<int>> places of the supplies that may go to each demand */
    private array $edges = [];

    /** @var list<array{int, int}> the sort and the demand that stand at each place */
    private array $demands = [];

    /**
     * @param  list<BoxSort>  $sorts
     * @param  list<Supply>  $supplies
     */
    public function __construct(private readonly array $sorts, array $supplies)
    {
        $byKind = [];
        foreach ($supplies as $place => $supply) {
            $this->free[$place] = $supply->pieces;
            $byKind[$supply->kind][] = $place;
        }
        foreach ($sorts as $sort => $box) {
            $band = $box->recipient->band->id();
            foreach ($box->demands as $index => $demand) {
                $edges = [];
                foreach ($demand->kinds as $kind) {
                    foreach ($byKind[$kind] ?? [] as $place) {
                        if (in_array($band, $supplies[$place]->bands, true)) {
                            $edges[] = $place;
                        }
                    }
                }
                $this->demands[] = [$sort, $index];
                $this->edges[] = $edges;
            }
        }
    }

    /** Take one more box of a sort in; false where it cannot be made complete, and nothing is changed. */
    public function add(int $sort): bool
    {
        $before = [$this->free, $this->has];
        foreach ($this->placesOf($sort) as $place) {
            for ($piece = 0; $piece < $this->demand($place)->count; $piece++) {
                if (! $this->give($place)) {
                    [$this->free, $this->has] = $before;

                    return false;
                }
            }
        }

        return true;
    }

    /**
     * Take one more box of a sort in as far as it goes.
     *
     * @return array<string, int> what it lacks, by the need's id
     */
    public function addIncomplete(int $sort): array
    {
        $lacks = [];
        foreach ($this->placesOf($sort) as $place) {
            $demand = $this->demand($place);
            for ($piece = 0; $piece < $demand->count; $piece++) {
                if (! $this->give($place)) {
                    $lacks[$demand->need] = ($lacks[$demand->need] ?? 0) + 1;
                }
            }
        }

        return $lacks;
    }

    /** Give a box of a sort back. */
    public function remove(int $sort): void
    {
        foreach ($this->placesOf($sort) as $place) {
            for ($left = $this->demand($place)->count; $left > 0; $left--) {
                foreach ($this->has[$place] ?? [] as $supply => $count) {
                    if ($count > 0) {
                        $this->has[$place][$supply]--;
                        $this->free[$supply]++;
                        break;
                    }
                }
            }
        }
    }

    /** @return list<int> places of a sort's demands */
    private function placesOf(int $sort): array
    {
        return array_keys(array_filter(
            $this->demands,
            static fn (array $demand): bool => $demand[0] === $sort,
        ));
    }

    private function demand(int $place): Demand
    {
        [$sort, $index] = $this->demands[$place];

        return $this->sorts[$sort]->demands[$index];
    }

    /** Give one piece to a demand, whoever has to take another for it: the shortest such chain. */
    private function give(int $place): bool
    {
        // For each supply that is reached, the demand from which it was; for each demand, the supply that led to it.
        $from = [];
        $by = [$place => -1];
        $queue = [$place];
        while ($queue !== []) {
            $at = array_shift($queue);
            foreach ($this->edges[$at] as $supply) {
                if (isset($from[$supply])) {
                    continue;
                }
                $from[$supply] = $at;
                if ($this->free[$supply] > 0) {
                    $this->hand($supply, $from, $by);

                    return true;
                }
                foreach ($this->has as $other => $hers) {
                    if (! isset($by[$other]) && ($hers[$supply] ?? 0) > 0) {
                        $by[$other] = $supply;
                        $queue[] = $other;
                    }
                }
            }
        }

        return false;
    }

    /**
     * Follow a chain back: each demand takes what was found for it, and hands on what led to it.
     *
     * @param  array<int, int>  $from
     * @param  array<int, int>  $by
     */
    private function hand(int $supply, array $from, array $by): void
    {
        $this->free[$supply]--;
        while ($supply >= 0) {
            $to = $from[$supply];
            $this->has[$to][$supply] = ($this->has[$to][$supply] ?? 0) + 1;
            $supply = $by[$to];
            if ($supply >= 0) {
                $this->has[$to][$supply]--;
            }
        }
    }
}
