<?php

declare(strict_types=1);

namespace Tests\Core\Fit;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Cavity;
use PluckyWren\Core\Fit\Check\Validator;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\LeftOut;
use PluckyWren\Core\Fit\Order;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Reason;
use PluckyWren\Core\Fit\Result;
use PluckyWren\Core\Fit\Solve\CornerSolver;
use PluckyWren\Core\Fit\Verdict;
use PluckyWren\Core\Measure\Size;

/** What a ruler, a pencil and a quarter of an hour say about small problems. */
final class WorkedByHandTest extends TestCase
{
    #[DataProvider('rulers')]
    public function test_a_ruler_lies_corner_to_corner_if_the_diagonal_says_so(
        int $length,
        BoxShape $box,
        bool $goesIn,
    ): void {
        $result = $this->solve(
            new Problem($box, [new Item('ruler', 'Ruler', Size::ofMm($length, 30, 3), Form::Rigid)]),
        );

        self::assertSame($goesIn, $result->packsAll());
        if ($goesIn) {
            self::assertSame(How::Diagonal, $result->placements[0]->how);
        } else {
            self::assertSame(Reason::LargerThanBox, $result->leftOut[0]->reason);
        }
    }

    /** @return iterable<string, array{int, BoxShape, bool}> */
    public static function rulers(): iterable
    {
        // The longest of 3 mm on edge: its rectangle L x 3 turned into 318 x 196 at the diagonal's angle, atan(196 /
        // 318) = 31.65°, reaches L cos + 3 sin = 318: L = (318 - 1.57) / 0.8513 = 371.7.
        $straight = BoxShape::straight('Straight', 3180, 1960, 1120, 80);
        yield '368 mm in a straight box' => [368, $straight, true];
        yield '376 mm are longer than its diagonal of 373.5' => [376, $straight, false];
        // A tub of 280 x 160 at the floor: hypot 322.5 there, but 373.5 at the rim; raised, a ruler lies higher.
        $tub = new BoxShape('Tub', 3180, 1960, 2800, 1600, 1120, 80);
        yield '318 mm on the floor of a tub' => [318, $tub, true];
        yield '380 mm at no height of the tub' => [380, $tub, false];
    }

    public function test_a_ruler_too_long_for_the_floor_of_a_tub_lies_higher_up_on_what_is_there(): void
    {
        // On a slab of 60 mm the tub is 318 - 38 x (1 - 60 / 112) = 300.4 mm by 196 - 36 x 0.464 = 179.3: a diagonal of
        // 349.8.
        $tub = new BoxShape('Tub', 3180, 1960, 2800, 1600, 1120, 80);
        $slab = new Item('slab', 'Slab', Size::ofMm(270, 150, 60), Form::Rigid);
        $result = $this->solve(
            new Problem($tub, [$slab, new Item('ruler', 'Ruler', Size::ofMm(340, 20, 3), Form::Rigid)]),
            20,
        );

        // On the floor the diagonal is 322.5, too short for 340.
        self::assertTrue($result->packsAll());
        self::assertSame(600, array_column($result->placements, null, 'id')['ruler']->parts[0]->z);
    }

    public function test_an_ell_up_the_wall_has_shares_that_add_up(): void
    {
        // 297 x 210 x 6 in a box of 250 x 215 x 60: 297 does not lie along 250, so 250 - 6 = 244 lie and 53 stand.
        $result = $this->solve(
            new Problem(BoxShape::straight('Box', 2500, 2150, 600, 0), [
                new Item('book', 'Book', Size::ofMm(297, 210, 6), Form::Bendable),
            ]),
        );
        [$lying, $standing] = $result->placements[0]->parts;

        self::assertSame(How::UpTheWall, $result->placements[0]->how);
        self::assertSame([2440, 60, 530], [max($lying->l, $lying->w), $lying->h, $standing->h]);
    }

    public function test_one_too_broad_for_a_bend_stays_out(): void
    {
        // Kept side 216 > 215 and 297 > 250; bending leaves one of them as it is.
        $result = $this->solve(
            new Problem(BoxShape::straight('Box', 2500, 2150, 1000, 0), [
                new Item('book', 'Book', Size::ofMm(297, 260, 6), Form::Bendable),
            ]),
        );

        self::assertSame(Reason::LargerThanBox, $result->leftOut[0]->reason);
    }

    #[DataProvider('plushes')]
    public function test_a_plush_is_pressed_as_far_as_it_gives_and_no_further(
        int $height,
        bool $goesIn,
        float $press,
    ): void {
        // 100 mm high, the lid gives nothing; a plush of squeeze 0.8 that fills the plan.
        $plush = new Item('plush', 'Plush', Size::ofMm(300, 200, $height), Form::Soft, squeeze: 0.8, keepUpright: true);
        $result = $this->solve(new Problem(BoxShape::straight('Box', 3000, 2000, 1000, 0), [$plush]));

        self::assertSame($goesIn, $result->packsAll());
        self::assertEqualsWithDelta($press, $result->closure->press ?? -1.0, 0.001);
    }

    /** @return iterable<string, array{int, bool, float}> */
    public static function plushes(): iterable
    {
        yield 'at rest' => [100, true, 0.0];
        // Gives up 20 of the 24 it has.
        yield 'pressed' => [120, true, 20 / 24];
        yield 'pressed to the last: 125 x 0.8 = 100' => [125, true, 1.0];
        yield 'crushed: 126 x 0.8 = 100.8' => [126, false, 0.0];
    }

    public function test_cloth_fills_the_gap_that_is_left_and_not_less_than_it_takes(): void
    {
        // Beside a tin of 200 mm, 100 x 200 x 100 = 2000 cm³ are left. A towel of 2500 cm³ that gives to 0.8 takes just
        // that.
        $tin = new Item('tin', 'Tin', Size::ofMm(200, 200, 100), Form::Rigid);
        $towel = static fn (int $thick): Item => new Item(
            'towel',
            'Towel',
            Size::ofMm(250, 200, $thick),
            Form::Cloth,
            squeeze: 0.8,
        );
        $box = BoxShape::straight('Box', 3000, 2000, 1000, 0);
        $fills = $this->solve(new Problem($box, [$tin, $towel(50)]));
        $isTooMuch = $this->solve(new Problem($box, [$tin, $towel(51)]));

        self::assertTrue($fills->packsAll());
        self::assertSame(1.0, $fills->fill);
        self::assertSame(Verdict::Tight, $fills->closure?->verdict);
        self::assertSame(
            [Reason::NoRoom],
            array_map(static fn (LeftOut $out): Reason => $out->reason, $isTooMuch->leftOut),
        );
    }

    public function test_what_is_poured_takes_any_shape_but_no_thinner_than_its_least_side(): void
    {
        $slab = new Item('slab', 'Slab', Size::ofMm(300, 200, 90), Form::Rigid);
        $beads = static fn (int $least): Item => new Item(
            'beads',
            'Beads',
            Size::ofMm(100, 100, 50),
            Form::Loose,
            minSide: $least,
        );
        $box = BoxShape::straight('Box', 3000, 2000, 1000, 0);

        // 10 mm are left above the slab: enough for what is poured 10 mm deep, not for what heaps to 12.
        self::assertTrue($this->solve(new Problem($box, [$slab, $beads(100)]))->packsAll());
        self::assertFalse($this->solve(new Problem($box, [$slab, $beads(120)]))->packsAll());
    }

    public function test_pencils_go_into_the_bottle_where_the_box_has_no_room_for_them(): void
    {
        // The bottle fills a box of its own size; its round hollow of 62 mm holds pencils of 7 mm, but not a ruler of
        // 40 mm: its mouth is 45 and the ruler's ends measure hypot(40, 30) = 50.
        $bottle = new Item(
            'bottle',
            'Bottle',
            Size::ofMm(200, 70, 70),
            Form::Rigid,
            cavity: Cavity::cylinder(620, 1800, [450]),
        );
        $pencils = new Item('pencil', 'Pencil', Size::ofMm(175, 7, 7), Form::Rigid, 6);
        $ruler = new Item('ruler', 'Ruler', Size::ofMm(150, 40, 30), Form::Rigid);
        $problem = new Problem(BoxShape::straight('Box', 2000, 700, 700, 0), [$bottle, $pencils, $ruler]);
        $result = $this->solve($problem, 12);

        self::assertSame(['ruler'], array_map(static fn (LeftOut $out): string => $out->id, $result->leftOut));
        self::assertSame([], Validator::ofAllRules()->breaches($problem, $result));
        self::assertCount(
            6,
            array_filter($result->placements, static fn (Placement $placement): bool => $placement->in === 'bottle'),
        );
        self::assertSame('bottle', $result->placements[6]->id, 'the bottle is packed once it is filled');
    }

    public function test_a_pouch_is_wrapped_around_what_it_holds(): void
    {
        // Alone, pouch and pens do not both go in: 50 x 30 x 200 hold the pens with 1 mm of cloth all round, and
        // nothing more.
        $pouch = new Item(
            'pouch',
            'Pouch',
            Size::ofMm(220, 110, 6),
            Form::Cloth,
            squeeze: 0.5,
            minSide: 40,
            cavity: Cavity::pouch(10),
        );
        $pens = new Item('pens', 'Pens', Size::ofMm(180, 48, 28), Form::Rigid);
        $problem = new Problem(BoxShape::straight('Box', 1820, 500, 300, 0), [$pouch, $pens]);
        $result = $this->solve($problem, 12);

        self::assertTrue($result->packsAll());
        self::assertSame([], Validator::ofAllRules()->breaches($problem, $result));
        self::assertSame(
            ['pens', 'pouch'],
            array_map(static fn (Placement $placement): string => $placement->id, $result->placements),
        );
    }

    public function test_nothing_is_slipped_under_what_is_pinned_and_the_pinned_stays(): void
    {
        // The pinned tray stands on a slab of 40 mm that covers half the floor: under its free end there is room, but
        // it cannot be got at.
        $slab = new Placement('slab', 1, null, How::Flat, 0.0, [new Part(0, 0, 0, 1500, 2000, 400)]);
        $tray = new Placement('tray', 2, null, How::Flat, 0.0, [new Part(0, 0, 400, 3000, 2000, 500)]);
        $items = [
            new Item('slab', 'Slab', Size::ofMm(150, 200, 40), Form::Rigid),
            new Item('tray', 'Tray', Size::ofMm(300, 200, 50), Form::Rigid),
            new Item('car', 'Car', Size::ofMm(80, 40, 30), Form::Rigid),
        ];
        $problem = new Problem(
            BoxShape::straight('Box', 3000, 2000, 1000, 0),
            $items,
            Order::FlatsFirst,
            [$slab, $tray],
        );
        $result = $this->solve($problem);

        self::assertEquals([$slab, $tray], $result->placements);
        self::assertSame(Reason::BlockedByPinned, $result->leftOut[0]->reason);
    }

    public function test_nothing_hard_is_laid_on_what_is_gentle(): void
    {
        // The kite covers the floor, gentle; of the two, only the cloth may lie on it.
        $kite = new Item('kite', 'Kite', Size::ofMm(300, 200, 20), Form::Rigid, value: 9, gentle: true);
        $problem = new Problem(BoxShape::straight('Box', 3000, 2000, 400, 0), [
            $kite, new Item('tin', 'Tin', Size::ofMm(250, 180, 20), Form::Rigid),
        ]);
        $result = $this->solve($problem, 6);
        $placed = array_column($result->placements, null, 'id');

        self::assertTrue(! isset($placed['tin']) || $placed['tin']->parts[0]->z === 0);
    }

    private function solve(Problem $problem, int $attempts = 8): Result
    {
        $result = (new CornerSolver)->solve($problem, Budget::ofAttempts($attempts));
        self::assertSame([], Validator::ofAllRules()->breaches($problem, $result));

        return $result;
    }
}
