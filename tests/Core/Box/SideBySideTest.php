<?php

declare(strict_types=1);

namespace Tests\Core\Box;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Box\Beside\BesideRow;
use PluckyWren\Core\Box\Beside\SideBySide;
use PluckyWren\Core\Box\PlannedPiece;
use Tests\Core\Data;

final class SideBySideTest extends TestCase
{
    public function test_what_all_share_is_the_same_and_what_differs_is_told(): void
    {
        $rows = [];
        foreach (self::beside([
            'a' => ['soap' => 1, 'pencils' => 6, 'yo-yo' => 1],
            'b' => ['soap' => 1, 'pencils' => 8],
            'c' => ['soap' => 1, 'pencils' => 6],
        ])->rows() as $row) {
            $rows[$row->kind->id] = $row;
        }

        // By lane: play before school before care.
        self::assertSame(['yo-yo', 'pencils', 'soap'], array_keys($rows));
        self::assertTrue($rows['soap']->isSame());
        self::assertFalse($rows['pencils']->isSame());
        self::assertSame(['a' => 6, 'b' => 8, 'c' => 6], $rows['pencils']->counts);
        self::assertFalse($rows['yo-yo']->isSame());
        self::assertSame(['a' => 1, 'b' => 0, 'c' => 0], $rows['yo-yo']->counts);
        self::assertSame(['a' => 1, 'b' => 0, 'c' => 0], $rows['yo-yo']->toBuy);
    }

    public function test_as_many_of_another_name_is_not_the_same(): void
    {
        $kind = Data::catalogue()->get('hat-knitted');
        $counts = ['a' => 1, 'b' => 1];

        self::assertFalse(
            (new BesideRow($kind, $counts, ['a' => ['Red hat'], 'b' => ['Blue hat']], $counts))->isSame(),
        );
        self::assertTrue((new BesideRow($kind, $counts, ['a' => ['Red hat'], 'b' => ['Red hat']], $counts))->isSame());
    }

    public function test_no_box_has_no_row(): void
    {
        self::assertSame([], (new SideBySide([]))->rows());
    }

    /** @return array<string, array{list<string>, list<string>, array<string, string>}> */
    public static function turns(): array
    {
        return [
            'one for each' => [['hat'], ['a', 'b', 'c'], ['a' => 'hat', 'b' => 'hat', 'c' => 'hat']],
            'two in turn' => [['hat', 'bag'], ['a', 'b', 'c', 'd'],
                ['a' => 'hat', 'b' => 'bag', 'c' => 'hat', 'd' => 'bag']],
            'a colour a box' => [['red', 'blue', 'green'], ['a', 'b', 'c'],
                ['a' => 'red', 'b' => 'blue', 'c' => 'green']],
            'no box' => [['hat'], [], []],
        ];
    }

    /**
     * @param  non-empty-list<string>  $things
     * @param  list<string>  $boxes
     * @param  array<string, string>  $gets
     */
    #[DataProvider('turns')]
    public function test_things_are_dealt_out_in_turn(array $things, array $boxes, array $gets): void
    {
        self::assertSame($gets, SideBySide::inTurn($things, $boxes));
    }

    /** @param  array<string, array<string, int>>  $boxes  how many of each kind, by the box's id */
    private static function beside(array $boxes): SideBySide
    {
        $plans = [];
        foreach ($boxes as $id => $counts) {
            $pieces = [];
            foreach ($counts as $kind => $count) {
                $pieces[] = PlannedPiece::toBuy("{$id}-{$kind}", Data::catalogue()->get($kind), $count);
            }
            $plans[$id] = Plans::of(null, ...$pieces);
        }

        return new SideBySide($plans);
    }
}
