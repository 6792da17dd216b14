<?php

declare(strict_types=1);

namespace Tests\Core\Fit;

use Bench\Fit\Families;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Check\Validator;
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
            $result = (new CornerSolver)->solve($problem, Budget::ofAttempts(40));
            self::assertSame([], Validator::ofAllRules()->breaches($problem, $result), "seed {$seed}");
            $whole += $result->packsAll() ? 1 : 0;
        }
        self::assertGreaterThanOrEqual($atLeast, $whole);
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
