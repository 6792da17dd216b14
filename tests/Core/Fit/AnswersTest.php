<?php

declare(strict_types=1);

namespace Tests\Core\Fit;

use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Fit\Answer\Caution;
use PluckyWren\Core\Fit\Answer\CautionAbout;
use PluckyWren\Core\Fit\Answer\Cautions;
use PluckyWren\Core\Fit\Answer\HowSure;
use PluckyWren\Core\Fit\Answer\LeaveOut;
use PluckyWren\Core\Fit\Answer\Leaving;
use PluckyWren\Core\Fit\Answer\Swap;
use PluckyWren\Core\Fit\Answer\Swaps;
use PluckyWren\Core\Fit\Answer\SwapWay;
use PluckyWren\Core\Fit\Answer\Trial;
use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Cavity;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Result;
use PluckyWren\Core\Fit\Solve\CornerSolver;
use PluckyWren\Core\Fit\Solve\Nooks;
use PluckyWren\Core\Fit\Verdict;
use PluckyWren\Core\Measure\Size;

/** A box of 300 x 200 x 100 mm whose lid gives nothing, so that all of it can be reckoned in the head. */
final class AnswersTest extends TestCase
{
    public function test_the_cheapest_to_leave_out_comes_first_and_a_must_never(): void
    {
        // Four slabs of 30 mm in 100 mm: one is too many, whichever. The cheapest is worth 1, then 2; the soap is a
        // must.
        $problem = $this->problem(
            $this->slab('soap', 30, value: 0.5, must: true),
            $this->slab('car', 30, value: 3),
            $this->slab('book', 30, value: 1),
            $this->slab('kite', 30, value: 2),
        );
        $answers = (new LeaveOut($this->trial()))->answers($problem, $this->solve($problem));

        self::assertSame(
            [['book' => 1], ['kite' => 1], ['car' => 1]],
            array_map(static fn (Leaving $answer): array => $answer->counts, $answers),
        );
        self::assertSame([1.0, 2.0, 3.0], array_map(static fn (Leaving $answer): float => $answer->value, $answers));
        self::assertSame(Verdict::Flat, $answers[0]->closure?->verdict);
    }

    public function test_one_of_several_is_enough_and_one_too_small_is_not_offered(): void
    {
        // Eleven slabs of 10 mm and a pin: the pin frees nothing that matters.
        $problem = $this->problem(
            new Item('slab', 'Slab', Size::ofMm(300, 200, 10), Form::Rigid, 11),
            new Item('pin', 'Pin', Size::ofMm(5, 5, 2), Form::Rigid, value: 0.1),
        );
        $answers = (new LeaveOut($this->trial()))->answers($problem, $this->solve($problem));

        self::assertNotSame([], $answers);
        foreach ($answers as $answer) {
            self::assertSame(1, $answer->counts['slab'] ?? 0);
        }
    }

    public function test_a_smaller_one_helps_and_one_hardly_smaller_does_not(): void
    {
        // 60 + 50 mm are 10 too many; 40 goes in, 45 does not.
        $problem = $this->problem($this->slab('tin', 60), $this->slab('book', 50));
        $swaps = [
            new Swap(SwapWay::Smaller, $this->slab('book', 45), 'Thick book'),
            new Swap(SwapWay::Smaller, $this->slab('book', 40), 'Thin book', 'lot-1'),
        ];
        $helping = (new Swaps($this->trial()))->thatHelp($problem, $this->solve($problem), $swaps);

        self::assertSame(['Thin book'], array_map(static fn (array $one): string => $one[0]->name, $helping));
        self::assertTrue($helping[0][1]->packsAll());
    }

    public function test_the_nooks_left_are_told_with_their_measures_the_largest_first(): void
    {
        // 300 x 200 x 60 lies on the floor: above it 40 are left, less a block of 100 x 200 x 40 at one end: 200 x 200
        // x 40.
        $problem = $this->problem(
            $this->slab('tin', 60),
            new Item('block', 'Block', Size::ofMm(100, 200, 40), Form::Rigid),
        );
        $result = new Result([
            new Placement('tin', 1, null, How::Flat, 0.0, [new Part(0, 0, 0, 3000, 2000, 600)]),
            new Placement('block', 2, null, How::Flat, 0.0, [new Part(0, 0, 600, 1000, 2000, 400)]),
        ], []);
        $nooks = new Nooks($problem, $result);

        self::assertEquals([new Part(1000, 0, 600, 2000, 2000, 400)], $nooks->largest());
        self::assertSame(
            600,
            $nooks->placeFor(new Item('car', 'Car', Size::ofMm(190, 190, 40), Form::Rigid))?->parts[0]->z,
        );
        self::assertNull($nooks->placeFor(new Item('ball', 'Ball', Size::ofMm(90, 90, 50), Form::Rigid)));
        // Cloth only where it need not be pressed.
        self::assertNull(
            $nooks->placeFor(new Item('towel', 'Towel', Size::ofMm(300, 200, 40), Form::Cloth, squeeze: 0.5)),
        );
    }

    public function test_what_fits_with_room_to_spare_closes_every_time_and_what_is_too_much_never(): void
    {
        $sure = new HowSure($this->trial());
        $loose = $this->problem($this->slab('tin', 50, measured: false, short: 40));
        $tight = $this->problem($this->slab('tin', 60), $this->slab('book', 60));

        foreach (range(1, 5) as $try) {
            self::assertTrue($sure->closes($loose, $try));
            self::assertFalse($sure->closes($tight, $try));
        }
        self::assertNull(HowSure::settledBy($loose, [true, true, true]));
    }

    public function test_the_piece_whose_measuring_would_settle_it_is_the_one_that_was_not_measured(): void
    {
        // The book is 98 mm by its kind, up to a tenth more or less: it goes in about as often as not. The measured tin
        // never matters.
        $problem = $this->problem(
            $this->slab('book', 98, measured: false, short: 40),
            new Item('pin', 'Pin', Size::ofMm(10, 10, 10), Form::Rigid),
        );
        $sure = new HowSure($this->trial());
        $closed = array_map(static fn (int $try): bool => $sure->closes($problem, $try), range(1, HowSure::TRIES));

        self::assertGreaterThan(4, count(array_filter($closed)));
        self::assertLessThan(16, count(array_filter($closed)));
        self::assertSame('book', HowSure::settledBy($problem, $closed)?->id);
        self::assertSame($closed[6], $sure->closes($problem, 7), 'the same try gives the same answer');
    }

    public function test_a_bottle_stuffed_full_behind_a_narrow_mouth_is_cautioned(): void
    {
        // The hollow holds 60 x 60 x 180 = 648 cm³. Socks of 400 cm³ fill 62 %, behind a mouth of 40 mm.
        $bottle = new Item(
            'bottle',
            'Bottle',
            Size::ofMm(70, 70, 200),
            Form::Rigid,
            cavity: Cavity::block(600, 600, 1800, [400, 400]),
        );
        $problem = $this->problem(
            $bottle,
            new Item('socks', 'Socks', Size::ofMm(60, 60, 111), Form::Cloth),
            new Item('rubber', 'Rubber', Size::ofMm(30, 20, 10), Form::Rigid),
        );
        $stands = new Placement('bottle', 2, null, How::Flat, 0.0, [new Part(0, 0, 0, 2000, 700, 700)]);
        $socks = new Placement('socks', 1, 'bottle', How::Nested, 0.0, [new Part(0, 0, 0, 600, 600, 1110)]);
        $rubber = new Placement('rubber', 1, 'bottle', How::Nested, 0.0, [new Part(0, 0, 0, 300, 200, 100)]);

        self::assertEquals(
            [new Caution(CautionAbout::HardToEmpty, 'bottle', 'socks')],
            Cautions::of($problem, new Result([$socks, $stands], [])),
        );
        self::assertSame([], Cautions::of($problem, new Result([$rubber, $stands], [])));
    }

    public function test_something_hard_on_a_friend_is_cautioned_and_a_card_is_not(): void
    {
        $problem = $this->problem(
            new Item('owl', 'Owl', Size::ofMm(150, 120, 60), Form::Soft, squeeze: 0.5, gentle: true),
            new Item('shoes', 'Shoes', Size::ofMm(150, 120, 60), Form::Soft, squeeze: 0.7),
            new Item('tin', 'Tin', Size::ofMm(100, 100, 30), Form::Rigid),
            new Item('card', 'Card', Size::ofMm(100, 100, 2), Form::Sheet),
        );
        $owl = new Placement('owl', 1, null, How::Flat, 0.0, [new Part(0, 0, 0, 1500, 1200, 600)]);
        $on = static fn (string $id, int $height, int $x = 0): Placement => new Placement(
            $id,
            2,
            null,
            How::Flat,
            0.0,
            [new Part($x, 0, 600, 1000, 1000, $height)],
        );

        self::assertEquals(
            [new Caution(CautionAbout::HardOnSoft, 'tin', 'owl')],
            Cautions::of($problem, new Result([$owl, $on('tin', 300)], [])),
        );
        self::assertSame([], Cautions::of($problem, new Result([$owl, $on('card', 20)], [])));
        // Shoes have no face.
        $shoes = new Placement('shoes', 1, null, How::Flat, 0.0, $owl->parts);
        self::assertSame([], Cautions::of($problem, new Result([$shoes, $on('tin', 300)], [])));
        // 1420 mm to the right they share 8 of 150 mm: less than a tenth.
        self::assertSame([], Cautions::of($problem, new Result([$owl, $on('tin', 300, 1420)], [])));
    }

    public function test_a_long_thing_and_a_bulge_under_the_lid_are_cautioned(): void
    {
        $box = BoxShape::straight('Box', 3000, 2000, 1000, 80);
        $problem = new Problem($box, [
            new Item('bat', 'Bat', Size::ofMm(250, 30, 25), Form::Rigid),
            new Item('ball', 'Ball', Size::ofMm(60, 60, 105), Form::Rigid),
        ]);
        $bat = new Placement('bat', 1, null, How::Flat, 0.0, [new Part(0, 0, 800, 2500, 300, 250)]);
        $inTheMiddle = new Placement('ball', 1, null, How::Upright, 0.0, [new Part(1200, 700, 0, 600, 600, 1050)]);
        $inTheCorner = new Placement('ball', 1, null, How::Upright, 0.0, [new Part(0, 0, 0, 600, 600, 1050)]);

        self::assertEquals(
            [new Caution(CautionAbout::LongUnderLid, 'bat')],
            Cautions::of($problem, new Result([$bat], [])),
        );
        self::assertEquals(
            [new Caution(CautionAbout::BulgeInTheMiddle, 'ball')],
            Cautions::of($problem, new Result([$inTheMiddle], [])),
        );
        self::assertSame([], Cautions::of($problem, new Result([$inTheCorner], [])));
    }

    private function trial(): Trial
    {
        return new Trial(new CornerSolver, static fn (): Budget => Budget::ofAttempts(8));
    }

    private function solve(Problem $problem): Result
    {
        return (new CornerSolver)->solve($problem, Budget::ofAttempts(8));
    }

    private function problem(Item ...$items): Problem
    {
        return new Problem(BoxShape::straight('Box', 3000, 2000, 1000, 0), array_values($items));
    }

    /** Something as long and broad as the box, or shorter by so many millimetres each way. */
    private function slab(
        string $id,
        int $mm,
        float $value = 1.0,
        bool $must = false,
        bool $measured = true,
        int $short = 0,
    ): Item {
        return new Item(
            $id,
            ucfirst($id),
            Size::ofMm(300 - $short, 200 - $short, $mm),
            Form::Rigid,
            value: $value,
            must: $must,
            measured: $measured,
        );
    }
}
