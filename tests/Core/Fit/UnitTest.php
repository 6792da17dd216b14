<?php

declare(strict_types=1);

namespace Tests\Core\Fit;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Solve\Repertoire;
use PluckyWren\Core\Fit\Solve\Unit;
use PluckyWren\Core\Measure\Size;

/** Blocks of one piece and of several, in tenths of a millimetre. */
final class UnitTest extends TestCase
{
    public function test_a_cube_is_turned_in_one_way_a_slab_in_three_and_a_brick_in_six(): void
    {
        self::assertCount(1, Unit::single(0, [10, 10, 10])->turns());
        self::assertCount(3, Unit::single(0, [10, 10, 5])->turns());
        self::assertCount(6, Unit::single(0, [30, 20, 10])->turns());
        self::assertCount(2, Unit::single(0, [30, 20, 10])->turns(keepUpright: true));
    }

    public function test_two_that_share_two_sides_join_along_the_third(): void
    {
        $joined = Unit::single(0, [3000, 2000, 500])->joinedWith(Unit::single(1, [3000, 2000, 700]));

        self::assertSame([[3000, 2000, 1200]], array_map(static fn (Unit $unit): array => $unit->sides, $joined));
        self::assertSame([0 => 1, 1 => 1], $joined[0]->uses);
        self::assertSame(3000 * 2000 * 1200, $joined[0]->volume);
    }

    public function test_sides_a_hair_apart_join_to_the_longer_and_the_volume_stays_that_of_the_pieces(): void
    {
        $joined = Unit::single(0, [3000, 2000, 500])->joinedWith(Unit::single(1, [2960, 2033, 700]));

        self::assertSame([[3000, 2033, 1200]], array_map(static fn (Unit $unit): array => $unit->sides, $joined));
        self::assertSame(3000 * 2000 * 500 + 2960 * 2033 * 700, $joined[0]->volume);
        // 41 tenths are no hair: something could go there.
        self::assertSame([], Unit::single(0, [3000, 2000, 500])->joinedWith(Unit::single(1, [2590, 1590, 90])));
    }

    /** @param array{int, int, int} $turned */
    #[DataProvider('turns')]
    public function test_joined_pieces_lie_side_by_side_however_the_block_is_turned(array $turned): void
    {
        $block = Unit::single(0, [3000, 2000, 500])->joinedWith(Unit::single(1, [3000, 2000, 700]))[0];
        $turn = array_values(
            array_filter($block->turns(), static fn (array $turn): bool => [$turn[0], $turn[1], $turn[2]] === $turned),
        )[0];
        [[$firstKind, $first], [$secondKind, $second]] = $block->layout([1000, 2000, 3000], $turn[3]);

        self::assertSame([0, 1], [$firstKind, $secondKind]);
        self::assertSame([1000, 2000, 3000], array_slice($first, 0, 3));
        // Together they fill the block: the far corner is the second's, and they meet along one axis alone.
        self::assertSame([1000 + $turned[0], 2000 + $turned[1], 3000 + $turned[2]], array_slice($second, 3));
        $axis = (int) array_search(1200, $turned, true);
        self::assertSame(500, $first[3 + $axis] - $first[$axis]);
        self::assertSame($first[3 + $axis], $second[$axis]);
    }

    /** @return iterable<string, array{array{int, int, int}}> */
    public static function turns(): iterable
    {
        yield 'flat' => [[3000, 2000, 1200]];
        yield 'on edge' => [[3000, 1200, 2000]];
        yield 'upright' => [[1200, 2000, 3000]];
        yield 'across' => [[2000, 3000, 1200]];
    }

    public function test_a_block_of_blocks_is_laid_out_to_its_last_piece(): void
    {
        // In mm: two of 300 x 200 x 50 make 300 x 200 x 100; that and one of 300 x 100 x 80 share 300 and 100, and make
        // 300 x 280 x 100.
        $pair = Unit::single(0, [3000, 2000, 500])->joinedWith(Unit::single(0, [3000, 2000, 500]))[0];
        $whole = array_values(
            array_filter(
                $pair->joinedWith(Unit::single(1, [3000, 1000, 800])),
                static fn (Unit $unit): bool => array_sum($unit->sides) === 6800,
            ),
        )[0];
        $layout = $whole->layout([0, 0, 0], [0, 2, 1]);

        self::assertSame([0 => 2, 1 => 1], $whole->uses);
        self::assertSame([0, 0, 1], array_column($layout, 0));
        $volume = array_sum(
            array_map(
                static fn (array $piece): int => ($piece[1][3] - $piece[1][0]) * ($piece[1][4] - $piece[1][1]) * (
                    $piece[1][5] - $piece[1][2]
                ),
                $layout,
            ),
        );
        self::assertSame(3000 * 2800 * 1000, $volume);
        self::assertSame(
            [3000, 2800, 1000],
            array_map(
                static fn (int $axis): int => max([0, ...array_column(array_column($layout, 1), $axis)]),
                [3, 4, 5],
            ),
        );
    }

    public function test_no_block_takes_more_pieces_than_there_are_nor_what_must_stay_as_it_is(): void
    {
        $brick = static fn (string $id, int $quantity, bool $upright = false, bool $gentle = false): Item => new Item(
            $id,
            $id,
            new Size(900, 600, 300),
            Form::Rigid,
            $quantity,
            keepUpright: $upright,
            gentle: $gentle,
        );
        $three = new Repertoire($brick('brick', 3)->singles());
        $uses = array_map(static fn (Unit $unit): int => array_sum($unit->uses), $three->units);

        self::assertCount(1, $three->kinds);
        self::assertSame([1, 2, 3], [min([9, ...$uses]), $uses[1], max([0, ...$uses])]);
        self::assertCount(1, (new Repertoire($brick('jar', 3, upright: true)->singles()))->units);
        self::assertCount(1, (new Repertoire($brick('kite', 3, gentle: true)->singles()))->units);
    }

    public function test_pieces_count_as_alike_whatever_they_are_called_and_however_their_sides_are_named(): void
    {
        $repertoire = new Repertoire([
            new Item('a', 'A', new Size(300, 200, 100), Form::Rigid),
            new Item('b', 'B', new Size(100, 300, 200), Form::Sheet),
            new Item('c', 'C', new Size(300, 200, 100), Form::Rigid, must: true),
            new Item('d', 'D', new Size(300, 200, 100), Form::Soft, squeeze: 0.5),
        ]);

        self::assertSame([2, 1, 1], array_map(static fn ($kind): int => count($kind->items), $repertoire->kinds));
        self::assertSame([2], $repertoire->ofForm(Form::Soft));
    }
}
