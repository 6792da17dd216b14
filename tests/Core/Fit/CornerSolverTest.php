<?php

declare(strict_types=1);

namespace Tests\Core\Fit;

use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Cavity;
use PluckyWren\Core\Fit\Check\Validator;
use PluckyWren\Core\Fit\Files\ResultFile;
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
use PluckyWren\Core\Fit\Solve\Steps;
use PluckyWren\Core\Fit\Verdict;
use PluckyWren\Core\Measure\Size;
use Tests\Trouble\Trouble;

final class CornerSolverTest extends TestCase
{
    public function test_no_result_of_many_random_problems_breaks_a_rule(): void
    {
        $placed = $turned = $bent = 0;
        for ($seed = 1; $seed <= Trouble::times(150, 300); $seed++) {
            $problem = RandomProblems::number($seed);
            $result = $this->solve($problem, 2, $seed);

            self::assertSame([], Validator::ofAllRules()->breaches($problem, $result), "seed {$seed}");
            $hows = array_map(static fn (Placement $placement): How => $placement->how, $result->placements);
            $placed += count($hows);
            $turned += count(array_keys($hows, How::Diagonal, true));
            $bent += count(array_keys($hows, How::UpTheWall, true));
        }
        // The problems are hard enough to ask for everything that the solver can do.
        self::assertGreaterThan(450, $placed);
        self::assertGreaterThan(5, $turned);
        self::assertGreaterThan(5, $bent);
    }

    public function test_nor_where_several_stay_together(): void
    {
        $bundles = $nested = 0;
        for ($seed = 1; $seed <= Trouble::times(60, 125); $seed++) {
            $problem = RandomProblems::withBundles($seed);
            $result = $this->solve($problem, 5, $seed);

            self::assertSame([], Validator::ofAllRules()->breaches($problem, $result), "seed {$seed}");
            foreach ($problem->items as $item) {
                foreach ($item->together ? $result->placements : [] as $placement) {
                    $isFirst = $placement->id === "{$item->id}#1";
                    $bundles += $isFirst ? 1 : 0;
                    $nested += $isFirst && $placement->in !== null ? 1 : 0;
                }
            }
        }
        self::assertGreaterThan(90, $bundles);
        self::assertGreaterThan(5, $nested);
    }

    public function test_eight_pencils_are_one_move_and_one_block(): void
    {
        $problem = new Problem(self::cardBox(), [
            new Item('pencil', 'Pencil', Size::ofMm(176, 7, 7), Form::Rigid, 8, together: true),
            self::item('book', 210, 148, 12),
        ]);
        $result = $this->solve($problem);
        $steps = array_column($result->placements, 'step', 'id');

        self::assertCount(9, $steps);
        self::assertCount(2, array_unique($steps));
        self::assertSame([], Validator::ofAllRules()->breaches($problem, $result));
    }

    public function test_what_fills_a_cup_is_one_move(): void
    {
        $problem = new Problem(self::cardBox(), [
            new Item('cup', 'Cup', Size::ofMm(90, 90, 100), Form::Rigid, cavity: Cavity::cylinder(800, 900)),
            new Item('eraser', 'Eraser', Size::ofMm(40, 18, 12), Form::Rigid, 3, into: 'cup'),
        ]);
        $steps = array_column($this->solve($problem)->placements, 'step', 'id');

        self::assertSame(['eraser#1' => 1, 'eraser#2' => 1, 'eraser#3' => 1, 'cup' => 2], $steps);
    }

    public function test_equal_things_side_by_side_are_one_move(): void
    {
        $lies = static fn (string $id, int $x, int $z): Placement => new Placement($id, 1, null, How::Flat, 0.0, [
            new Part($x, 0, $z, 750, 320, 280),
        ]);
        $steps = array_column(Steps::number([
            $lies('car#1', 0, 0), $lies('car#2', 760, 0), $lies('car#3', 1600, 0), $lies('car#4', 0, 280),
            $lies('tin', 2380, 0),
        ], [], []), 'step', 'id');

        // The third stands 9 mm away, the fourth on the first.
        self::assertSame(['car#1' => 1, 'car#2' => 1, 'car#3' => 2, 'tin' => 3, 'car#4' => 4], $steps);
    }

    public function test_what_covers_most_of_a_level_goes_in_first_so_that_the_rest_lies_by_it(): void
    {
        $steps = array_column(Steps::number([
            new Placement('eraser', 1, null, How::Flat, 0.0, [new Part(0, 1800, 0, 450, 180, 120)]),
            new Placement('cards', 1, null, How::Flat, 0.0, [new Part(0, 0, 100, 900, 600, 200)]),
            new Placement('book', 1, null, How::Flat, 0.0, [new Part(0, 0, 0, 2100, 1480, 100)]),
            new Placement('soap', 1, 'case', How::Nested, 0.0, [new Part(0, 0, 0, 900, 600, 300)]),
            new Placement('case', 1, null, How::Flat, 0.0, [new Part(2200, 0, 0, 950, 650, 350)]),
        ], [], []), 'step', 'id');

        self::assertSame(['book' => 1, 'soap' => 2, 'case' => 3, 'eraser' => 4, 'cards' => 5], $steps);
    }

    public function test_nor_where_pieces_go_into_one_another_nor_where_half_is_in_the_box_already(): void
    {
        $nested = $inPouches = $goneOn = 0;
        for ($seed = 1; $seed <= Trouble::times(100, 125); $seed++) {
            $problem = RandomProblems::withHollows($seed);
            $result = $this->solve($problem, 6, $seed);
            self::assertSame([], Validator::ofAllRules()->breaches($problem, $result), "seed {$seed}");
            $items = $problem->singles();
            foreach ($result->placements as $placement) {
                $nested += $placement->in === null ? 0 : 1;
                $inPouches += $placement->in !== null && $items[$placement->in]->cavity?->soft === true ? 1 : 0;
            }

            // What is nested comes just before what holds it, so that a holder is pinned with all it holds.
            $half = array_slice($result->placements, 0, intdiv(count($result->placements), 2));
            while ($half !== [] && $half[count($half) - 1]->isNested()) {
                array_pop($half);
            }
            $pinned = new Problem($problem->box, $problem->items, $problem->order, $half);
            self::assertSame(
                [],
                Validator::ofAllRules()->breaches($pinned, $this->solve($pinned, 2, $seed)),
                "pinned, seed {$seed}",
            );
            $goneOn += count($half);
        }
        self::assertGreaterThan(70, $nested);
        self::assertGreaterThan(10, $inPouches);
        self::assertGreaterThan(240, $goneOn);
    }

    public function test_boxes_cut_up_and_shuffled_are_packed_again_and_never_wrongly(): void
    {
        $whole = 0;
        for ($seed = 1; $seed <= 20; $seed++) {
            $problem = CutUpBox::problem($seed, 16);
            $result = $this->solve($problem, 30, $seed);

            self::assertSame([], Validator::ofAllRules()->breaches($problem, $result), "seed {$seed}");
            $whole += $result->packsAll() ? 1 : 0;
        }
        // A fifth of the room is free, so that nearly all can be packed whole.
        self::assertGreaterThanOrEqual(18, $whole);
    }

    public function test_the_same_seed_and_number_of_attempts_give_the_same_bytes(): void
    {
        foreach ([3, 14, 15] as $seed) {
            $problem = RandomProblems::number($seed);

            self::assertSame(
                ResultFile::write($this->solve($problem, 6, 9)),
                ResultFile::write($this->solve($problem, 6, 9)),
            );
        }
    }

    public function test_what_fills_the_box_to_the_millimetre_goes_in(): void
    {
        $halves = [self::item('left', 159, 196, 112), self::item('right', 159, 196, 112)];
        $result = $this->solve(new Problem(self::cardBox(), $halves));

        self::assertTrue($result->packsAll());
        self::assertSame(Verdict::Flat, $result->closure?->verdict);
        self::assertSame(1.0, $result->fill);
    }

    public function test_a_long_ruler_goes_corner_to_corner(): void
    {
        $result = $this->solve(new Problem(self::cardBox(), [self::item('ruler', 340, 30, 3)]));

        self::assertSame(How::Diagonal, $result->placements[0]->how);
    }

    public function test_a_broad_notebook_bends_up_the_wall(): void
    {
        $result = $this->solve(new Problem(self::cardBox(), [self::item('book', 297, 210, 6, Form::Bendable)]));

        self::assertSame(How::UpTheWall, $result->placements[0]->how);
        self::assertCount(2, $result->placements[0]->parts);
    }

    public function test_it_says_which_piece_stays_out_and_why(): void
    {
        $problem = new Problem(self::cardBox(), [
            self::item('rod', 600, 10, 10), self::item('one', 318, 196, 100), self::item('two', 318, 196, 100),
        ]);
        $reasons = $this->reasons($this->solve($problem));

        self::assertSame(Reason::LargerThanBox, $reasons['rod']);
        self::assertSame([Reason::NoRoom], array_values(array_diff_key($reasons, ['rod' => true])));
    }

    public function test_a_piece_too_broad_for_the_floor_of_a_tub_is_not_called_larger_than_the_box(): void
    {
        $tub = new BoxShape('Tub', 3180, 1960, 2820, 1600, 1120, 40);
        // 180 mm is more than the floor's 160, but there is room for it from half-way up.
        $alone = $this->reasons($this->solve(new Problem($tub, [self::item('disc', 180, 180, 20)])));
        $onABase = $this->solve(
            new Problem($tub, [self::item('base', 280, 158, 70), self::item('disc', 180, 180, 20)]),
        );

        self::assertSame(['disc' => Reason::NoRoom], $alone);
        self::assertTrue($onABase->packsAll());
    }

    public function test_must_pieces_go_in_before_others(): void
    {
        $problem = new Problem(self::cardBox(), [
            self::item('toy', 318, 196, 65),
            new Item('soap', 'soap', Size::ofMm(318, 196, 65), Form::Rigid, must: true),
        ]);

        self::assertSame(['toy' => Reason::NoRoom], $this->reasons($this->solve($problem)));
    }

    public function test_a_soft_friend_is_pressed_rather_than_left_out(): void
    {
        $bear = new Item('bear', 'bear', Size::ofMm(300, 190, 118), Form::Soft, squeeze: 0.5);
        $result = $this->solve(new Problem(new BoxShape('Box', 3180, 1960, 3180, 1960, 1120, 0), [$bear]));

        self::assertSame(How::Pressed, $result->placements[0]->how);
        // Rests 6 mm above the rim and could give 59: press 6 / 59.
        self::assertSame(6.0, $result->closure?->proudMm);
        self::assertEqualsWithDelta(6 / 59, $result->closure->press, 0.001);
        self::assertSame(Verdict::Snug, $result->closure->verdict);
    }

    public function test_what_is_pinned_stays_and_what_it_blocks_is_said_so(): void
    {
        $pinned = new Placement('tin', 1, null, How::Flat, 0.0, [new Part(0, 0, 0, 3180, 1960, 600)]);
        $problem = new Problem(
            self::cardBox(),
            [
                self::item('tin', 318, 196, 60),
                self::item('case', 318, 196, 70),
                self::item('card', 200, 100, 2, Form::Sheet),
            ],
            pinned: [$pinned],
        );
        $result = $this->solve($problem);

        self::assertSame(['case' => Reason::BlockedByPinned], $this->reasons($result));
        self::assertEquals($pinned, $result->placements[0]);
        self::assertSame([], Validator::ofAllRules()->breaches($problem, $result));
    }

    public function test_a_lid_that_cannot_close_over_what_is_pinned_is_told_open(): void
    {
        $pinned = new Placement('tower', 1, null, How::Upright, 0.0, [new Part(0, 0, 0, 500, 500, 1300)]);
        $result = $this->solve(new Problem(self::cardBox(), [self::item('tower', 50, 50, 130)], pinned: [$pinned]));

        self::assertSame(Verdict::Open, $result->closure?->verdict);
    }

    /** @return array<string, Reason> */
    private function reasons(Result $result): array
    {
        return array_column(
            array_map(static fn (LeftOut $out): array => [$out->id, $out->reason], $result->leftOut),
            1,
            0,
        );
    }

    private function solve(Problem $problem, int $attempts = 8, int $seed = 1): Result
    {
        return (new CornerSolver)->solve($problem, Budget::ofAttempts($attempts), $seed);
    }

    private static function cardBox(): BoxShape
    {
        return BoxShape::straight('Straight card box', 3180, 1960, 1120, 80);
    }

    private static function item(string $id, int $length, int $width, int $height, Form $form = Form::Rigid): Item
    {
        return new Item($id, $id, Size::ofMm($length, $width, $height), $form);
    }
}
