<?php

declare(strict_types=1);

namespace Tests\Core\Box;

use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Box\Packing\AsBefore;
use PluckyWren\Core\Fit\Answer\Trial;
use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\ClosureOf;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\LeftOut;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Reason;
use PluckyWren\Core\Fit\Result;
use PluckyWren\Core\Fit\Solve\CornerSolver;
use PluckyWren\Core\Measure\Size;

final class AsBeforeTest extends TestCase
{
    public function test_what_lay_on_what_is_gone_comes_down_and_no_step_is_left_out(): void
    {
        // Board, 100 x 100 x 10, car on it, tin on that; the car goes, and the tin lies on the board, 10 high.
        $before = self::packed(
            new Placement('board', 1, null, How::Flat, 0.0, [new Part(0, 0, 0, 1000, 1000, 100)]),
            new Placement('car', 2, null, How::Flat, 0.0, [new Part(0, 0, 100, 1000, 1000, 300)]),
            new Placement('tin', 3, null, How::Flat, 0.0, [new Part(0, 0, 400, 1000, 1000, 400)]),
        );
        $result = self::asBefore()->of(self::problem('board', 'tin'), $before);

        self::assertNotNull($result);
        self::assertSame(['board' => 0, 'tin' => 100], array_map(
            static fn (Placement $one): int => $one->parts[0]->z,
            array_column($result->placements, null, 'id'),
        ));
        self::assertSame([1, 2], array_column($result->placements, 'step'));
        self::assertTrue($result->packsAll());
        // 100 x 100 x 50 of 300 x 200 x 100 are 8.3 %.
        self::assertSame(0.08, $result->fill);
    }

    public function test_it_is_none_where_something_is_new_and_what_was_in_what_is_gone_lies_elsewhere(): void
    {
        $before = self::packed(
            new Placement('board', 1, null, How::Flat, 0.0, [new Part(0, 0, 0, 1000, 1000, 100)]),
            new Placement('car', 2, 'tin', How::Nested, 0.0, [new Part(0, 0, 0, 1000, 1000, 300)]),
            new Placement('tin', 3, null, How::Flat, 0.0, [new Part(0, 0, 100, 1000, 1000, 400)]),
        );

        self::assertNull(self::asBefore()->of(self::problem('board', 'pen'), $before));
        self::assertTrue(self::asBefore()->of(self::problem('board', 'car'), $before)?->packsAll());
    }

    public function test_what_stayed_out_stays_out_and_no_more(): void
    {
        $before = self::packed(
            new Placement('board', 1, null, How::Flat, 0.0, [new Part(0, 0, 0, 1000, 1000, 100)]),
            new Placement('tin', 2, null, How::Flat, 0.0, [new Part(0, 0, 100, 1000, 1000, 400)]),
        );
        $without = new Result($before->placements, [new LeftOut('car', Reason::NoRoom)], $before->closure);
        $result = self::asBefore()->of(self::problem('board', 'car'), $without);

        self::assertSame([['board'], ['car']], [
            array_column($result->placements ?? [], 'id'), array_column($result->leftOut ?? [], 'id'),
        ]);
    }

    public function test_of_boxes_that_close_every_one_closes_with_any_one_thing_less(): void
    {
        $tried = 0;
        foreach (range(1, 6) as $seed) {
            $items = [];
            foreach (range(1, 14) as $number) {
                [$l, $w, $h] = [40 + ($seed * 37 * $number) % 90, 30 + ($seed * 53 * $number) % 60, 15 + 3 * $number];
                $form = $number % 4 === 0 ? Form::Cloth : Form::Rigid;
                $items[] = new Item("thing-{$number}", "Thing {$number}", Size::ofMm($l, $w, $h), $form, squeeze: 0.7);
            }
            $problem = new Problem(BoxShape::straight('Box', 3000, 2000, 1000, 80), $items);
            $before = (new CornerSolver)->solve($problem, Budget::ofAttempts(12), $seed);
            foreach ($before->packsAll() ? $items : [] as $gone) {
                $result = self::asBefore()->of($problem->without([$gone->id => 1]), $before);
                self::assertTrue($result?->packsAll(), "{$seed}, without {$gone->id}");
                $tried++;
            }
        }

        self::assertGreaterThan(40, $tried);
    }

    private static function asBefore(): AsBefore
    {
        return new AsBefore(new Trial(new CornerSolver, static fn (): Budget => Budget::ofAttempts(8)));
    }

    private static function packed(Placement ...$placements): Result
    {
        $placements = array_values($placements);
        $problem = self::problem(...array_column($placements, 'id'));
        $closure = ClosureOf::packing($problem->box, $placements, $problem->singles());

        return new Result($placements, [], $closure);
    }

    private static function problem(string ...$ids): Problem
    {
        $high = ['board' => 10, 'car' => 30, 'tin' => 40, 'pen' => 10];

        return new Problem(BoxShape::straight('Box', 3000, 2000, 1000, 80), array_values(array_map(
            static fn (string $id): Item => new Item($id, ucfirst($id), Size::ofMm(100, 100, $high[$id]), Form::Rigid),
            $ids,
        )));
    }
}
