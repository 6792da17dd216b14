<?php

declare(strict_types=1);

namespace Tests\Core\Fit;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Solve\EmptySpaces;
use PluckyWren\Core\Fit\Solve\Offers;
use PluckyWren\Core\Fit\Solve\Repertoire;
use PluckyWren\Core\Fit\Solve\Room;
use PluckyWren\Core\Fit\Solve\SpaceCare;
use PluckyWren\Core\Fit\Solve\SpaceFirst;
use PluckyWren\Core\Fit\Solve\UsableGaps;
use PluckyWren\Core\Measure\Size;

final class SpaceFirstTest extends TestCase
{
    #[DataProvider('gaps')]
    public function test_what_of_a_gap_is_lost(int $gap, int $lost): void
    {
        // Sides of 10 and 15 mm, one or two of them: 10, 15, 20, 25, 30.
        self::assertSame($lost, (new UsableGaps([100 => true, 150 => true]))->lost[$gap]);
    }

    /** @return iterable<string, array{int, int}> */
    public static function gaps(): iterable
    {
        yield 'none' => [0, 0];
        yield 'narrower than any' => [99, 99];
        yield 'as wide as one' => [100, 0];
        yield 'a little wider' => [120, 20];
        yield 'one beside the other' => [250, 0];
        yield 'beyond two' => [310, 10];
    }

    public function test_the_largest_spaces_are_left_beside_and_above_a_block_and_those_too_small_are_not(): void
    {
        $box = BoxShape::straight('Box', 3000, 2000, 1000, 0);
        $spaces = new EmptySpaces($box, 1000);
        self::assertSame([0, 0, 0, 3000, 2000, 1000], $spaces->nearestCorner()[1] ?? null);

        // A block at the left front: beside it 2000 are left, behind it 1950, above it only 20, which holds nothing.
        $spaces->fill([0, 0, 0, 1000, 50, 980], [100, 100, 100, 1e6]);
        $left = [];
        while (($nearest = $spaces->nearestCorner()) !== null) {
            $left[] = $nearest[1];
            $spaces->drop($nearest[0]);
        }
        sort($left);
        self::assertSame([[0, 50, 0, 3000, 2000, 1000], [1000, 0, 0, 3000, 2000, 1000]], $left);
    }

    public function test_eight_bricks_fill_a_box_to_the_millimetre_whatever_it_cares_for(): void
    {
        $bricks = array_map(
            static fn (int $number): Item => new Item(
                "brick-{$number}",
                'Brick',
                new Size(500, 1500, 1000),
                Form::Rigid,
            ),
            range(1, 8),
        );
        foreach (range(0, 5) as $care) {
            $box = BoxShape::straight('Box', 3000, 2000, 1000, 0);
            $repertoire = new Repertoire($bricks);
            $room = new Room($box, $repertoire, new EmptySpaces($box, 1000, SpaceCare::number($care)->level), false);
            (new SpaceFirst($room, new Offers($repertoire, SpaceCare::number($care), [], 1)))->run();
            [$placed, $out] = $room->packed();
            self::assertSame([8, []], [count($placed), $out], "care {$care}");
        }
    }
}
