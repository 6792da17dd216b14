<?php

declare(strict_types=1);

namespace Tests\Core\Box;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Box\Bench\Pace;

final class PaceTest extends TestCase
{
    /** @param array<string, list<int>> $times latest first */
    #[DataProvider('crews')]
    public function test_the_steps_that_are_left_take_as_long_as_the_others_did(
        array $times,
        int $left,
        int $minutes,
    ): void {
        self::assertSame($minutes, Pace::minutes($times, $left));
    }

    /** @return iterable<string, array{array<string, list<int>>, int, int}> */
    public static function crews(): iterable
    {
        yield 'nobody has packed yet: 40 s a step' => [[], 9, 6];
        yield 'a minute a step' => [['a' => [180, 120, 60, 0]], 9, 9];
        yield 'a pause of half an hour and a double press do not count' => [['a' => [2000, 150, 149, 60]], 4, 6];
        yield 'not from one box to the next' => [['a' => [1000, 910], 'b' => [500, 410]], 4, 6];
        yield 'nothing left' => [['a' => [60, 0]], 0, 0];
    }
}
