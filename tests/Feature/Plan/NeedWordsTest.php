<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Words\NeedWords;
use App\Words\Words;
use PHPUnit\Framework\Attributes\DataProvider;
use PluckyWren\Core\Guide\Need;
use PluckyWren\Core\Guide\NeedState;
use Tests\Core\Data;
use Tests\Feature\TestCase;

final class NeedWordsTest extends TestCase
{
    #[DataProvider('states')]
    public function test_what_is_lacking_is_said_with_how_many(int $asked, int $held, string $says): void
    {
        $pencils = array_column(Data::guide()->needs, null, 'id')['pencils'];
        self::assertInstanceOf(Need::class, $pencils);

        self::assertSame($says, NeedWords::lacking(new NeedState($pencils, $asked, $held)));
    }

    /** @return iterable<string, array{int, int, string}> */
    public static function states(): iterable
    {
        yield 'the only one' => [1, 0, 'pencils'];
        yield 'all of several' => [5, 0, 'pencils (5)'];
        yield 'some of several' => [5, 3, 'pencils (2 more)'];
    }

    public function test_names_are_put_together_as_one_says_them(): void
    {
        self::assertSame('soap', Words::listed(['soap']));
        self::assertSame('soap and comb', Words::listed(['soap', 'comb']));
        self::assertSame('soap, comb and ruler', Words::listed(['soap', 'comb', 'ruler']));
        self::assertSame('', Words::listed([]));
    }
}
