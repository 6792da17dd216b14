<?php

declare(strict_types=1);

namespace Tests\Core\Stash;

use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Stash\Preparation\Shares;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class SharesTest extends TestCase
{
    public function test_a_kind_of_work_stays_with_one_person_where_that_is_fair(): void
    {
        $shares = new Shares([
            'bag' => ['bag a' => 20, 'bag b' => 20, 'bag c' => 20],
            'fold' => ['fold a' => 30, 'fold b' => 30],
        ], 2);

        self::assertSame([60, 60], $shares->loads());
        self::assertSame([0, 0, 0], array_map($shares->of(...), ['bag a', 'bag b', 'bag c']));
        self::assertSame([1, 1], array_map($shares->of(...), ['fold a', 'fold b']));
    }

    public function test_one_kind_alone_is_parted(): void
    {
        self::assertSame([40, 40], (new Shares(['bag' => ['a' => 20, 'b' => 20, 'c' => 20, 'd' => 20]], 2))->loads());
        self::assertSame([80], (new Shares(['bag' => ['a' => 20, 'b' => 20, 'c' => 20, 'd' => 20]], 1))->loads());
        self::assertSame([0, 0, 0], (new Shares([], 3))->loads());
    }

    public function test_every_job_is_somebodys_and_nobody_has_more_than_one_job_above_another(): void
    {
        for ($seed = 1; $seed <= 200; $seed++) {
            $random = new Randomizer(new Mt19937($seed));
            $jobs = [];
            $longest = $all = 0;
            for ($kind = 0; $kind < $random->getInt(1, 8); $kind++) {
                for ($job = 0; $job < $random->getInt(1, 12); $job++) {
                    $seconds = $random->getInt(5, 240);
                    $jobs["kind {$kind}"]["{$kind}-{$job}"] = $seconds;
                    [$longest, $all] = [max($longest, $seconds), $all + $seconds];
                }
            }
            $shares = new Shares($jobs, $random->getInt(1, 6));
            $loads = $shares->loads();
            self::assertNotSame([], $loads);

            self::assertSame($all, array_sum($loads), "{$seed}");
            self::assertLessThanOrEqual($longest, max($loads) - min($loads), "{$seed}");
        }
    }
}
