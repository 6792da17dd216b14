<?php

declare(strict_types=1);

namespace PluckyWren\Core\Choose;

/**
 * How many complete boxes can be made of what lies free, of which sorts, and what runs out first.
 *
 * Boxes are taken in one by one, each time of the sort that is furthest behind what the crew wants; when none goes in
 * any more, one is given back wherever two others come in for it. Where few enough ways are left to be looked at, all
 * of
 * them are, and there are as many boxes as there can be.
 */
final readonly class StashMakes
{
    /** Nobody packs more of one sort in a season; and it bounds the work. */
    private const MOST = 2_000;

    /**
     * @param  list<BoxSort>  $sorts
     * @param  list<int>  $counts  how many of each sort
     * @param  array<string, int>  $short  in how many sorts of boxes each need is what one more box lacks, by the
     *     need's id, most first
     * @param  Sharing  $sharing  what all these boxes take
     */
    private function __construct(
        public array $sorts,
        public array $counts,
        public array $short,
        private Sharing $sharing,
    ) {}

    /**
     * @param  list<BoxSort>  $sorts
     * @param  list<Supply>  $supplies
     */
    public static function of(array $sorts, array $supplies): self
    {
        [$sharing, $counts] = self::shared($sorts, $supplies);
        $short = [];
        foreach (array_keys($sorts) as $sort) {
            foreach (array_keys((clone $sharing)->addIncomplete($sort)) as $need) {
                $short[$need] = ($short[$need] ?? 0) + 1;
            }
        }
        arsort($short);

        return new self($sorts, $counts, $short, $sharing);
    }

    public function total(): int
    {
        return array_sum($this->counts);
    }

    /**
     * Tell what would have to come in for so many boxes more, of the sorts that are wanted most.
     *
     * @return array{counts: list<int>, lacks: array<string, int>} how many of each sort there would be then; how many
     *     pieces are lacking, by the need's id
     */
    public function more(int $boxes): array
    {
        $sharing = clone $this->sharing;
        $counts = $this->counts;
        $lacks = [];
        for ($box = 0; $box < $boxes && $this->sorts !== []; $box++) {
            $sort = self::furthestBehind($this->sorts, $counts, array_fill_keys(array_keys($this->sorts), true));
            foreach ($sharing->addIncomplete($sort) as $need => $count) {
                $lacks[$need] = ($lacks[$need] ?? 0) + $count;
            }
            $counts[$sort]++;
        }

        return ['counts' => array_values($counts), 'lacks' => $lacks];
    }

    /**
     * No more than this can be made, whatever is shared how: for each need alone, what lies free for it, parted by what
     * the sort that asks least of it takes.
     *
     * @param  list<BoxSort>  $sorts
     * @param  list<Supply>  $supplies
     */
    public static function bound(array $sorts, array $supplies): int
    {
        $needs = [];
        foreach ($sorts as $sort) {
            foreach ($sort->demands as $demand) {
                $needs[$demand->need] = true;
            }
        }
        $bound = self::MOST * max(1, count($sorts));
        foreach (array_keys($needs) as $need) {
            $alone = array_map(static fn (BoxSort $sort): BoxSort => new BoxSort(
                $sort->recipient,
                array_values(array_filter($sort->demands, static fn (Demand $one): bool => $one->need === $need)),
            ), $sorts);
            // A sort that does not ask for it is not bounded by it.
            if (array_filter($alone, static fn (BoxSort $sort): bool => $sort->demands === []) === []) {
                $least = min([self::MOST, ...array_map(
                    static fn (BoxSort $sort): int => $sort->demands[0]->count,
                    $alone,
                )]);
                $kinds = array_merge(
                    ...array_map(static fn (BoxSort $sort): array => $sort->demands[0]->kinds, $alone),
                );
                $pieces = array_sum(array_map(
                    static fn (Supply $supply): int => in_array($supply->kind, $kinds, true) ? $supply->pieces : 0,
                    $supplies,
                ));
                $bound = min($bound, intdiv($pieces, max(1, $least)));
            }
        }

        return $sorts === [] ? 0 : $bound;
    }

    /**
     * @param  list<BoxSort>  $sorts
     * @param  list<Supply>  $supplies
     * @return array{Sharing, list<int>}
     */
    private static function shared(array $sorts, array $supplies): array
    {
        $sharing = new Sharing($sorts, $supplies);
        $counts = array_map(static fn (): int => 0, $sorts);
        self::fill($sharing, $sorts, $counts, array_fill_keys(array_keys($sorts), true));
        do {
            $isBetter = self::twoForOne($sharing, $sorts, $counts);
        } while ($isBetter);

        $counts = array_values($counts);
        $better = (new EveryWay($sorts, $supplies))->moreThan(array_sum($counts));
        if ($better === null) {
            return [$sharing, $counts];
        }
        $sharing = new Sharing($sorts, $supplies);
        foreach ($better as $sort => $times) {
            for ($box = 0; $box < $times; $box++) {
                $sharing->add($sort);
            }
        }

        return [$sharing, $better];
    }

    /**
     * Make boxes as long as one more can be made.
     *
     * @param  list<BoxSort>  $sorts
     * @param  array<int, int>  $counts
     * @param  array<int, bool>  $open  of which sorts
     */
    private static function fill(Sharing $sharing, array $sorts, array &$counts, array $open): void
    {
        while (array_filter($open) !== []) {
            $sort = self::furthestBehind($sorts, $counts, $open);
            if ($counts[$sort] < self::MOST && $sorts[$sort]->demands !== [] && $sharing->add($sort)) {
                $counts[$sort]++;
            } else {
                $open[$sort] = false;
            }
        }
    }

    /**
     * Give one back where at least two come in for it.
     *
     * @param  list<BoxSort>  $sorts
     * @param  array<int, int>  $counts
     */
    private static function twoForOne(Sharing &$sharing, array $sorts, array &$counts): bool
    {
        foreach ($counts as $sort => $count) {
            if ($count === 0) {
                continue;
            }
            $trial = clone $sharing;
            $trial->remove($sort);
            $then = $counts;
            $then[$sort]--;
            $others = array_fill_keys(array_keys($sorts), true);
            $others[$sort] = false;
            self::fill($trial, $sorts, $then, $others);
            if (array_sum($then) > array_sum($counts)) {
                [$sharing, $counts] = [$trial, $then];

                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<BoxSort>  $sorts
     * @param  array<int, int>  $counts
     * @param  array<int, bool>  $open  which of them may be taken
     */
    private static function furthestBehind(array $sorts, array $counts, array $open): int
    {
        $best = -1;
        $least = PHP_INT_MAX;
        foreach ($sorts as $index => $sort) {
            // How much of what is wanted is there, in thousandths; beyond that, those of which there are fewest.
            $part = $counts[$index] < $sort->wanted
                ? intdiv(1_000 * $counts[$index], $sort->wanted)
                : 1_000 + $counts[$index];
            if ($open[$index] && $part < $least) {
                [$least, $best] = [$part, $index];
            }
        }

        return $best;
    }
}
