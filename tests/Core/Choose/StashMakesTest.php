<?php

declare(strict_types=1);

namespace Tests\Core\Choose;

use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Choose\BoxSort;
use PluckyWren\Core\Choose\Demand;
use PluckyWren\Core\Choose\Sharing;
use PluckyWren\Core\Choose\StashMakes;
use PluckyWren\Core\Choose\Supply;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Recipient\Gender;
use PluckyWren\Core\Recipient\Recipient;

final class StashMakesTest extends TestCase
{
    public function test_what_runs_out_first_says_how_many_boxes_there_are(): void
    {
        $sorts = [self::sort('4-7', [['soap', 1, ['soap']], ['pencils', 5, ['pencils']]])];
        $makes = StashMakes::of($sorts, [self::free('soap', 3), self::free('pencils', 60)]);

        self::assertSame([3, ['soap' => 1]], [$makes->total(), $makes->short]);
        // Five more want five soaps more, and of 60 pencils eight boxes take 40.
        self::assertSame(['soap' => 5], $makes->more(5)['lacks']);
    }

    public function test_what_serves_two_needs_goes_where_nothing_else_does(): void
    {
        // A large plush leads or is soft; a ball only leads. Two balls and two plush are two boxes.
        $sorts = [self::sort('4-7', [['lead', 1, ['plush', 'ball']], ['soft', 1, ['plush']]])];

        self::assertSame(2, StashMakes::of($sorts, [self::free('plush', 2), self::free('ball', 2)])->total());
        self::assertSame(2, StashMakes::of($sorts, [self::free('plush', 3), self::free('ball', 1)])->total());
        self::assertSame(1, StashMakes::of($sorts, [self::free('plush', 3), self::free('ball', 0)])->total());
    }

    public function test_boxes_are_of_the_sorts_that_are_furthest_behind_what_is_wanted(): void
    {
        $sorts = [
            self::sort('4-7', [['soap', 1, ['soap']]], 2), self::sort('8-12', [['soap', 1, ['soap']]], 4),
            self::sort('2-3', [['soap', 1, ['soap']]]),
        ];

        self::assertSame([2, 3, 0], StashMakes::of($sorts, [self::free('soap', 5)])->counts);
        // All that are wanted are there: then those of which there are fewest.
        self::assertSame([2, 4, 1], StashMakes::of($sorts, [self::free('soap', 7)])->counts);
    }

    public function test_sizes_go_to_the_band_that_they_suit(): void
    {
        $sorts = [self::sort('4-7', [['top', 1, ['shirt']]]), self::sort('8-12', [['top', 1, ['shirt']]])];

        self::assertSame([1, 2], StashMakes::of($sorts, [
            new Supply('shirt', 1, ['4-7']), new Supply('shirt', 2, ['8-12']),
        ])->counts);
        // One that suits both goes where there is none of its own.
        self::assertSame([2, 2], StashMakes::of($sorts, [
            new Supply('shirt', 1, ['4-7']), new Supply('shirt', 2, ['8-12']), new Supply('shirt', 1, ['4-7', '8-12']),
        ])->counts);
    }

    public function test_nothing_makes_nothing(): void
    {
        self::assertSame(0, StashMakes::of([], [self::free('soap', 9)])->total());
        self::assertSame(0, StashMakes::of([self::sort('4-7', [['soap', 1, ['soap']]])], [])->total());
        self::assertSame(0, StashMakes::of([self::sort('4-7', [])], [self::free('soap', 9)])->total());
    }

    public function test_on_small_cases_it_makes_as_many_as_looking_at_every_way_does(): void
    {
        mt_srand(5);
        $short = 0;
        for ($round = 0; $round < 250; $round++) {
            $kinds = ['a', 'b', 'c', 'd'];
            $bands = ['2-3', '4-7', '8-12'];
            $sorts = [];
            foreach (array_slice($bands, 0, mt_rand(1, 3)) as $band) {
                $demands = [];
                foreach (range(1, mt_rand(1, 3)) as $need) {
                    $of = array_values(array_filter($kinds, static fn (): bool => mt_rand(0, 2) > 0)) ?: ['a'];
                    $demands[] = ["n{$need}", mt_rand(1, 2), $of];
                }
                $sorts[] = self::sort($band, $demands);
            }
            $supplies = array_map(static fn (string $kind): Supply => new Supply(
                $kind,
                mt_rand(0, 5),
                array_values(array_filter($bands, static fn (): bool => mt_rand(0, 3) > 0)),
            ), $kinds);
            $made = StashMakes::of($sorts, $supplies)->total();
            $best = self::byEnumeration($sorts, $supplies);
            self::assertLessThanOrEqual($best, $made);
            self::assertLessThanOrEqual(StashMakes::bound($sorts, $supplies), $best);
            $short += $best - $made;
        }
        self::assertSame(0, $short);
    }

    public function test_with_much_in_the_stash_it_comes_within_three_hundredths_of_what_is_possible_at_all(): void
    {
        mt_srand(8);
        for ($round = 0; $round < 5; $round++) {
            $sorts = [];
            foreach (['2-3', '4-7', '8-12'] as $band) {
                $demands = [];
                for ($need = 0; $need < 15; $need++) {
                    $demands[] = ["n{$need}", 1 + $need % 3, ["k{$need}", "k{$need}-b", 'any'.($need % 4)]];
                }
                $sorts[] = self::sort($band, $demands);
            }
            $supplies = [];
            for ($need = 0; $need < 15; $need++) {
                $supplies[] = self::free("k{$need}", (1 + $need % 3) * mt_rand(30, 60));
                $supplies[] = self::free("k{$need}-b", mt_rand(0, 30));
            }
            $made = StashMakes::of($sorts, $supplies)->total();
            self::assertGreaterThanOrEqual((int) floor(0.97 * StashMakes::bound($sorts, $supplies)), $made);
        }
    }

    /**
     * @param  list<BoxSort>  $sorts
     * @param  list<Supply>  $supplies
     * @param  list<int>  $taken
     */
    private static function byEnumeration(array $sorts, array $supplies, array $taken = []): int
    {
        $next = count($taken);
        if ($next === count($sorts)) {
            return array_sum($taken);
        }
        $best = 0;
        for ($count = 0; ; $count++) {
            $sharing = new Sharing($sorts, $supplies);
            foreach ([...$taken, $count] as $sort => $times) {
                for ($box = 0; $box < $times; $box++) {
                    if (! $sharing->add($sort)) {
                        return $best;
                    }
                }
            }
            $best = max($best, self::byEnumeration($sorts, $supplies, [...$taken, $count]));
        }
    }

    /** @param list<array{string, int, list<string>}> $demands */
    private static function sort(string $band, array $demands, int $wanted = 0): BoxSort
    {
        return new BoxSort(new Recipient(AgeBand::parse($band), Gender::Girl), array_map(
            static fn (array $demand): Demand => new Demand($demand[0], $demand[0], $demand[1], $demand[2]),
            $demands,
        ), $wanted);
    }

    private static function free(string $kind, int $pieces): Supply
    {
        return new Supply($kind, $pieces, ['2-3', '4-7', '8-12']);
    }
}
