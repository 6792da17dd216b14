<?php

declare(strict_types=1);

namespace Tests\Core\Stash;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Stash\Inside;
use PluckyWren\Core\Stash\Reading\Contents;
use Tests\Core\Data;

final class ContentsTest extends TestCase
{
    /** @param array<string, int>|string $read counts by kind; or the part that cannot be read */
    #[DataProvider('typed')]
    public function test_what_a_kit_holds_is_read_as_people_write_it(string $typed, array|string $read): void
    {
        $inside = Contents::read($typed, Data::catalogue());

        self::assertSame($read, $inside instanceof Inside ? $inside->counts() : $inside);
    }

    /** @return iterable<string, array{string, array<string, int>|string}> */
    public static function typed(): iterable
    {
        yield 'nothing' => ['', []];
        yield 'one a line' => ["2 Pencil\n1 Comb", ['pencils' => 2, 'comb' => 1]];
        yield 'between commas' => ['2 x soap, comb; 3 × erasers', ['soap' => 2, 'comb' => 1, 'eraser' => 3]];
        yield 'a comma in a name' => ['Scissors, round tips', ['scissors' => 1]];
        yield 'a comma in a name among others' => [
            'soap, 2 Scissors, round tips, comb', ['soap' => 1, 'scissors' => 2, 'comb' => 1],
        ];
        yield 'the same twice' => ["soap\nbar soap", ['soap' => 2]];
        yield 'a stranger' => ['soap, 2 gremlins', '2 gremlins'];
        yield 'too many' => ['101 soap', '101 soap'];
        yield 'none of it' => ['0 soap', '0 soap'];
    }
}
