<?php

declare(strict_types=1);

namespace Tests\Core\Box;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Box\Filling\Candidate;
use PluckyWren\Core\Box\Filling\Option;
use PluckyWren\Core\Box\Filling\Selecting;
use PluckyWren\Core\Box\Filling\Selection;
use PluckyWren\Core\Box\Filling\Slot;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The most worth within money and room, against all the ways there are. */
final class SelectingTest extends TestCase
{
    private const KINDS = ['soap', 'comb', 'ball', 'yo-yo', 'notebook', 'pencils'];

    /**
     * @param  int  $slots  of which so many have to be filled
     * @param  float  $leastShare  of what the best is worth, in each case
     */
    #[TestWith([5, 2, 0.95])]
    #[TestWith([6, 5, 0.98])]
    public function test_on_small_cases_it_comes_near_the_best_of_all_ways_and_never_beyond_the_limits(
        int $slots,
        int $musts,
        float $leastShare,
    ): void {
        $shares = [];
        for ($seed = 1; $seed <= 60; $seed++) {
            $random = new Randomizer(new Mt19937($seed));
            $drawn = self::slots($random, $slots, $musts);
            [$money, $room] = [(float) $random->getInt(300, 900), self::roomOf($drawn) * $random->getInt(30, 80) / 100];
            $selection = (new Selecting($drawn))->best($money, $room);

            self::assertLessThanOrEqual($money, $selection->cost, "{$seed}");
            self::assertLessThanOrEqual($room, $selection->bulk, "{$seed}");
            $best = self::bestOfAll($drawn, 0, new Selection, $money, $room);
            self::assertGreaterThan(0.0, $best, "{$seed}");
            $shares[] = $selection->value / $best;
        }

        self::assertNotSame([], $shares);
        self::assertGreaterThan($leastShare, min($shares));
        self::assertGreaterThan(0.995, array_sum($shares) / count($shares));
        self::assertLessThanOrEqual(1.0 + 1e-9, max($shares));
    }

    public function test_one_thing_is_not_taken_twice_and_of_what_is_beside_the_needs_one_of_a_kind(): void
    {
        $one = self::candidate('only', 'soap', 100);
        $other = self::candidate('other', 'soap', 100);
        $of = static fn (Candidate $candidate, float $worth): Option => Option::of([[$candidate, 1, $worth]], 1, 0.0);
        $selection = (new Selecting([
            new Slot('first', true, 1, [$of($one, 9.0)]),
            new Slot('second', true, 1, [$of($one, 9.0), $of($other, 2.0)]),
            new Slot(null, false, 1, [$of($other, 5.0)]),
        ]))->best(INF, INF);

        // The soap for the second need is the other one; a third would be a second of its kind.
        self::assertSame(11.0, $selection->value);
        self::assertSame(['only', 'other'], array_map(
            static fn (Option $option): string => $option->lots[0][0]->id,
            $selection->inOrder(),
        ));
    }

    /** @return list<Slot> of up to four options each */
    private static function slots(Randomizer $random, int $count, int $musts): array
    {
        $slots = [];
        for ($at = 0; $at < $count; $at++) {
            $options = [];
            for ($number = $random->getInt(1, 4); $number > 0; $number--) {
                $kind = self::KINDS[$random->getInt(0, 5)];
                $candidate = self::candidate("{$at}-{$number}", $kind, $random->getInt(20, 400));
                $worth = $at < $musts ? 1_000.0 - $at : 0.0;
                $options[] = Option::of([[$candidate, 1, $random->getInt(1, 40)]], 1, $worth);
            }
            usort($options, static fn (Option $a, Option $b): int => $b->value <=> $a->value);
            $slots[] = new Slot("need {$at}", $at < $musts, 1, $options);
        }

        return $slots;
    }

    /** @param list<Slot> $slots */
    private static function roomOf(array $slots): float
    {
        return array_sum(array_map(
            static fn (Slot $slot): float => max([0.0, ...array_column($slot->options, 'bulk')]),
            $slots,
        ));
    }

    /** @param list<Slot> $slots */
    private static function bestOfAll(array $slots, int $at, Selection $so, float $money, float $room): float
    {
        if ($so->cost > $money || $so->bulk > $room) {
            return -INF;
        }
        if ($at === count($slots)) {
            return $so->value;
        }
        $best = self::bestOfAll($slots, $at + 1, $so, $money, $room);
        foreach ($slots[$at]->options as $option) {
            if ($so->allows($at, $slots[$at], $option)) {
                $then = clone $so;
                $then->put($at, $slots[$at], $option);
                $best = max($best, self::bestOfAll($slots, $at + 1, $then, $money, $room));
            }
        }

        return $best;
    }

    private static function candidate(string $id, string $kind, int $cents): Candidate
    {
        return new Candidate($id, Plans::piece($kind, 1, [$cents, 1], "new-{$id}"), 9, 0, 0);
    }
}
