<?php

declare(strict_types=1);

namespace Tests\Core\Fit;

use Bench\Fit\Families;
use Bench\Fit\KitchenTable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Check\Validator;
use PluckyWren\Core\Fit\Kept;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Solve\CornerSolver;

/**
 * That the solver reaches as far as it did: a few problems of each family of the bench, by attempts and not by the
 * clock, so that the answer is the same everywhere.
 */
final class ReachTest extends TestCase
{
    /** @param callable(int): Problem $make */
    #[DataProvider('families')]
    public function test_of_ten_so_many_are_packed_whole(callable $make, int $atLeast): void
    {
        $whole = 0;
        for ($seed = 1; $seed <= 10; $seed++) {
            $problem = $make($seed);
            $result = (new CornerSolver)->solve($problem, Budget::ofAttempts(50));
            self::assertSame([], Validator::ofAllRules()->breaches($problem, $result), "seed {$seed}");
            $whole += $result->packsAll() ? 1 : 0;
        }
        self::assertGreaterThanOrEqual($atLeast, $whole);
    }

    public function test_boxes_as_people_compose_them_close_and_are_packed_as_people_would(): void
    {
        $table = new KitchenTable;
        $whole = $seen = $shown = $order = $moves = $pieces = 0;
        for ($seed = 1; $seed <= 12; $seed++) {
            $problem = $table->problem($seed);
            $result = (new CornerSolver)->solve($problem, Budget::ofAttempts(40));
            self::assertSame([], Validator::ofAllRules()->breaches($problem, $result), "seed {$seed}");
            $kept = Kept::in($problem->box, $problem->order, $result->placements, $problem->singles());
            $whole += $result->packsAll() ? 1 : 0;
            $seen += $kept->coveredFirstSights === [] ? 1 : 0;
            $shown += $kept->seenPrivates === [] ? 0 : 1;
            $order += $kept->order;
            $moves += count(array_unique(array_column($result->placements, 'step')));
            $pieces += count($result->placements);
        }
        self::assertGreaterThanOrEqual(10, $whole);
        self::assertGreaterThanOrEqual(10, $seen);
        self::assertSame(0, $shown);
        self::assertGreaterThanOrEqual(0.8 * 12, $order);
        self::assertLessThanOrEqual(0.7 * $pieces, $moves);
    }

    /** What gives goes on being pressed until the lead gift is where it is seen: that matters more than a flat lid. */
    public function test_the_lead_gift_is_seen_first_in_boxes_that_close_only_pressed(): void
    {
        $table = new KitchenTable;
        foreach ([20, 48, 52, 143] as $seed) {
            $problem = $table->problem($seed);
            $result = (new CornerSolver)->solve($problem, Budget::ofAttempts(60));
            $kept = Kept::in($problem->box, $problem->order, $result->placements, $problem->singles());

            self::assertTrue($result->packsAll(), "seed {$seed}");
            self::assertSame([], $kept->coveredFirstSights, "seed {$seed}");
            self::assertGreaterThan(0.0, $result->closure?->press, "seed {$seed}");
        }
    }

    /** @return iterable<string, array{callable(int): Problem, int}> */
    public static function families(): iterable
    {
        yield 'cut up, a fifth off' => [static fn (int $seed): Problem => Families::cut($seed, 0.20), 10];
        yield 'cut up, 15 % off' => [static fn (int $seed): Problem => Families::cut($seed, 0.15), 8];
        yield 'natural mixtures' => [static fn (int $seed): Problem => Families::natural($seed, 0.70), 9];
        yield 'mixed forms' => [static fn (int $seed): Problem => Families::mixed($seed, 0.12, false), 7];
        yield 'mixed forms in a tub' => [static fn (int $seed): Problem => Families::mixed($seed, 0.12, true), 8];
    }
}
