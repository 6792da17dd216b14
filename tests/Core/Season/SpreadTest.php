<?php

declare(strict_types=1);

namespace Tests\Core\Season;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Season\Spread;

final class SpreadTest extends TestCase
{
    /**
     * @param  non-empty-list<int>  $costs
     * @param  array{int, int, int, int}  $expected
     */
    #[DataProvider('boxes')]
    public function test_the_least_the_middle_and_the_most(array $costs, array $expected): void
    {
        $spread = Spread::of($costs, Currency::of('EUR'));

        self::assertSame($expected, [
            $spread->least()->minor, $spread->middle->minor, $spread->most()->minor, $spread->total->minor,
        ]);
    }

    /** @return iterable<string, array{non-empty-list<int>, array{int, int, int, int}}> cents */
    public static function boxes(): iterable
    {
        yield 'one' => [[2384], [2384, 2384, 2384, 2384]];
        yield 'three in any order' => [[2600, 2000, 9900], [2000, 2600, 9900, 14500]];
        yield 'four' => [[2000, 2100, 2300, 9000], [2000, 2200, 9000, 15400]];
        yield 'half a cent goes up' => [[2000, 2001], [2000, 2001, 2001, 4001]];
    }
}
