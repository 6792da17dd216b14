<?php

declare(strict_types=1);

namespace Tests\Core\Send\Map;

use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Send\Map\Mark;
use PluckyWren\Core\Send\Map\Marks;

final class MarksTest extends TestCase
{
    public function test_what_lies_apart_has_marks_of_its_own_most_boxes_first(): void
    {
        $marks = Marks::of(['KE' => 1, 'PE' => 4, 'XX' => 9], ['KE' => [600, 260], 'PE' => [300, 290]]);

        self::assertEquals([new Mark(['PE' => 4], 300, 290), new Mark(['KE' => 1], 600, 260)], $marks);
        self::assertSame([], Marks::of([], ['KE' => [600, 260]]));
    }

    public function test_neighbours_share_a_mark_nearer_to_where_more_boxes_are(): void
    {
        $marks = Marks::of(['KE' => 1, 'UG' => 3], ['KE' => [600, 260], 'UG' => [588, 256]]);

        // A quarter and three quarters of the way.
        self::assertEquals([new Mark(['UG' => 3, 'KE' => 1], 591, 257)], $marks);
        self::assertSame(4, $marks[0]->boxes());
    }

    public function test_no_two_marks_overlap_and_no_box_is_lost(): void
    {
        mt_srand(7);
        for ($round = 0; $round < 40; $round++) {
            $boxes = $points = [];
            foreach (range(0, mt_rand(1, 40)) as $number) {
                $country = chr(65 + intdiv($number, 26)).chr(65 + $number % 26);
                $boxes[$country] = mt_rand(1, 300);
                $points[$country] = [mt_rand(0, 1000), mt_rand(0, 480)];
            }
            $marks = Marks::of($boxes, $points);
            self::assertSame(
                array_sum($boxes),
                array_sum(array_map(static fn (Mark $mark): int => $mark->boxes(), $marks)),
            );
            foreach ($marks as $index => $mark) {
                foreach (array_slice($marks, $index + 1) as $other) {
                    self::assertGreaterThanOrEqual(
                        $mark->radius() + $other->radius(),
                        hypot($mark->x - $other->x, $mark->y - $other->y),
                    );
                }
            }
        }
    }
}
