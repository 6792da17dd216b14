<?php

declare(strict_types=1);

namespace Tests\Core\Fit;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Cavity;
use PluckyWren\Core\Fit\Drawing\Hollow;
use PluckyWren\Core\Fit\Drawing\RestingPile;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Solve\Chance;
use PluckyWren\Core\Fit\Solve\EmptySpaces;
use PluckyWren\Core\Fit\Solve\Heaps;
use PluckyWren\Core\Fit\Solve\Kind;
use PluckyWren\Core\Fit\Solve\Nesting;
use PluckyWren\Core\Fit\Solve\SoftOffers;
use PluckyWren\Core\Fit\Solve\Steps;
use PluckyWren\Core\Measure\Size;

/** What folds, pours, gives and goes into other things. */
final class YieldingTest extends TestCase
{
    public function test_a_heap_lies_on_the_floor_of_a_space_or_against_either_wall(): void
    {
        // 6000 cubic in a space of 30 x 20 x 20: on the floor 10 high, against a wall 10 or 15 thick.
        $beads = new Item('beads', 'Beads', new Size(30, 20, 10), Form::Loose, minSide: 5);

        self::assertEqualsCanonicalizing([[30, 20, 10], [15, 20, 20], [30, 10, 20]], Heaps::in($beads, 30, 20, 20));
    }

    public function test_a_heap_is_no_thinner_than_its_least_side_and_draws_in_instead(): void
    {
        // Spread over 100 x 100 it would be 1 high; at 5 it takes 100 x 20.
        $beads = new Item('beads', 'Beads', new Size(100, 10, 10), Form::Loose, minSide: 5);

        self::assertContains([20, 100, 5], Heaps::in($beads, 100, 100, 100));
        self::assertSame([], Heaps::in($beads, 100, 100, 4));
        self::assertSame([], Heaps::in($beads, 21, 21, 21), '9261 are less than 10000');
    }

    public function test_cloth_takes_what_room_there_is_between_pressed_and_at_rest(): void
    {
        // 40 x 20 x 10 at rest are 8000, pressed to a half 4000; a space of 40 x 20 x 6 has 4800: it fills just that.
        $towel = new Item('towel', 'Towel', new Size(40, 20, 10), Form::Cloth, squeeze: 0.5, minSide: 2);

        self::assertContains([40, 20, 6], Heaps::in($towel, 40, 20, 6));
        self::assertContains([40, 20, 10], Heaps::in($towel, 40, 20, 50));
        self::assertSame([], Heaps::in($towel, 40, 20, 4));
        // A fold is no longer than the towel, and does not stand up like a chimney.
        foreach (Heaps::in($towel, 400, 400, 40) as $block) {
            self::assertLessThanOrEqual(40, max($block));
            self::assertLessThanOrEqual(max($block[0], $block[1]), $block[2]);
        }
    }

    /** @param list<array{int, int, int, bool}> $expected sides, and whether pressed */
    #[DataProvider('friends')]
    public function test_a_friend_lies_at_rest_or_is_pressed_into_what_there_is(
        int $long,
        int $broad,
        int $high,
        array $expected,
    ): void {
        $soft = new SoftOffers;
        $soft->add(
            new Kind([new Item('owl', 'Owl', new Size(100, 80, 60), Form::Soft, squeeze: 0.5, keepUpright: true)]),
            0,
            1.0,
        );
        $offers = array_map(
            static fn (array $row): array => [$row[0], $row[1], $row[2], $row[7] === How::Pressed],
            $soft->for($long, $broad, $high),
        );

        self::assertEqualsCanonicalizing($expected, $offers);
    }

    /** @return iterable<string, array{int, int, int, list<array{int, int, int, bool}>}> */
    public static function friends(): iterable
    {
        yield 'room for all' => [200, 200, 200, [[100, 80, 60, false], [80, 100, 60, false]]];
        yield 'a low space' => [200, 200, 40, [[100, 80, 40, true], [80, 100, 40, true]]];
        yield 'a narrow one, the other way round too narrow' => [
            200, 50, 200, [[100, 50, 60, true], [80, 50, 60, true]],
        ];
        yield 'low and narrow: along three axes, to 0.525 of its volume' => [90, 70, 40, [[90, 70, 40, true]]];
        yield 'every side gives so much, the volume does not' => [79, 60, 50, []];
        yield 'lower than half' => [200, 200, 29, []];
        yield 'a little too narrow' => [200, 76, 200, [[100, 76, 60, true], [80, 76, 60, true]]];
    }

    public function test_what_is_dropped_may_still_be_wanted_for_a_heap(): void
    {
        $box = BoxShape::straight('Box', 1000, 1000, 1000, 0);
        foreach ([true, false] as $parks) {
            $spaces = new EmptySpaces($box, 1000, 1.0, $parks);
            $spaces->drop(0);
            self::assertNull($spaces->nearestCorner());
            self::assertCount($parks ? 1 : 0, $spaces->all());
        }
        $spaces = new EmptySpaces($box, 1000, 1.0, true);
        $spaces->drop(0);
        $spaces->fill([0, 0, 0, 400, 1000, 1000], [0, 0, 0, 0.0]);
        self::assertSame([[400, 0, 0, 1000, 1000, 1000]], $spaces->all());
    }

    public function test_a_tin_takes_what_passes_its_mouth_and_what_is_to_be_seen_first_stays_out(): void
    {
        $tin = new Item(
            'tin',
            'Tin',
            Size::ofMm(170, 120, 60),
            Form::Rigid,
            cavity: Cavity::block(1600, 1100, 500, [400, 200]),
        );
        $passes = new Item('soap', 'Soap', Size::ofMm(90, 38, 18), Form::Rigid);
        $tooBroad = new Item('car', 'Car', Size::ofMm(90, 45, 15), Form::Rigid);
        $cloth = new Item('cloth', 'Cloth', Size::ofMm(150, 100, 10), Form::Cloth);
        $first = new Item('first', 'First', Size::ofMm(30, 20, 10), Form::Rigid, firstSight: true);
        $nested = (new Nesting([$tin, $passes, $tooBroad, $cloth, $first]))->plan([], 0, 1);

        self::assertEqualsCanonicalizing(['soap', 'cloth'], $nested->ids());
        foreach ($nested->placements as $placement) {
            self::assertSame(['tin', How::Nested], [$placement->in, $placement->how]);
        }
        // A tin that is left out leaves out what it would have held.
        self::assertSame([], $nested->with([]));
    }

    public function test_a_round_hollow_holds_what_its_circle_does(): void
    {
        // 62 mm across: a block of 50 x 36 has a diagonal of 61.6, one of 50 x 38 of 62.8.
        $bottle = new Item(
            'bottle',
            'Bottle',
            Size::ofMm(200, 70, 70),
            Form::Rigid,
            cavity: Cavity::cylinder(620, 1800),
        );
        $block = static fn (int $side): Item => new Item('block', 'Block', Size::ofMm(170, 50, $side), Form::Rigid);

        self::assertSame(['block'], (new Nesting([$bottle, $block(36)]))->plan([], 0, 1)->ids());
        self::assertSame([], (new Nesting([$bottle, $block(38)]))->plan([], 0, 1)->ids());
    }

    public function test_a_pouch_goes_round_what_its_girth_allows(): void
    {
        // Flat 210 x 110: of a block 25 thick it goes round 185 x 85.
        $pouch = new Item(
            'pouch',
            'Pouch',
            Size::ofMm(210, 110, 4),
            Form::Cloth,
            squeeze: 0.5,
            minSide: 40,
            cavity: Cavity::pouch(10),
        );
        $pens = static fn (int $broad): Item => new Item('pens', 'Pens', Size::ofMm(180, $broad, 25), Form::Rigid);

        $nested = (new Nesting([$pouch, $pens(85)]))->plan([], 0, 1);
        self::assertSame(['pens'], $nested->ids());
        self::assertSame([1820, 870, 270], $nested->filledPouches['pouch']->size->sides());
        self::assertSame([], (new Nesting([$pouch, $pens(86)]))->plan([], 0, 1)->ids());
    }

    public function test_a_bottle_is_filled_just_before_it_is_packed(): void
    {
        $part = static fn (int $z): array => [new Part(0, 0, $z, 100, 100, 100)];
        $steps = Steps::number([
            new Placement('lid', 1, null, How::Flat, 0.0, $part(200)),
            new Placement('bottle', 1, null, How::Flat, 0.0, $part(100)),
            new Placement('pencil', 1, 'bottle', How::Nested, 0.0, $part(0)),
            new Placement('book', 1, null, How::Flat, 0.0, $part(0)),
        ], [], []);

        self::assertSame(
            ['book' => 1, 'pencil' => 2, 'bottle' => 3, 'lid' => 4],
            array_column(
                array_map(static fn (Placement $placement): array => [$placement->id, $placement->step], $steps),
                1,
                0,
            ),
        );
    }

    public function test_the_pile_at_rest_is_lifted_by_what_swells_beneath(): void
    {
        // A friend of 100 pressed to 60 swells by 40; what lies on it goes up by 40, what lies beside it stays.
        $items = [
            'owl' => new Item('owl', 'Owl', new Size(500, 500, 100), Form::Soft, squeeze: 0.5),
            'tin' => new Item('tin', 'Tin', new Size(300, 300, 50), Form::Rigid),
            'car' => new Item('car', 'Car', new Size(300, 300, 50), Form::Rigid),
        ];
        $at = static fn (string $id, int $x, int $z, int $side, int $h): Placement => new Placement(
            $id,
            1,
            null,
            How::Flat,
            0.0,
            [new Part($x, 0, $z, $side, $side, $h)],
        );
        $resting = array_column(
            RestingPile::of(
                [$at('owl', 0, 0, 500, 60), $at('tin', 0, 60, 300, 50), $at('car', 500, 0, 300, 50)],
                $items,
            ),
            null,
            'id',
        );

        self::assertSame([0, 100], [$resting['owl']->parts[0]->z, $resting['owl']->parts[0]->h]);
        self::assertSame([100, 50], [$resting['tin']->parts[0]->z, $resting['tin']->parts[0]->h]);
        self::assertSame(0, $resting['car']->parts[0]->z);
    }

    public function test_a_hollow_is_drawn_as_a_box_and_a_pouch_as_large_as_what_it_holds(): void
    {
        $contents = [
            new Placement('a', 1, null, How::Nested, 0.0, [new Part(0, 0, 0, 100, 50, 20)]),
            new Placement('b', 1, null, How::Nested, 0.0, [new Part(100, 0, 0, 40, 60, 30)]),
        ];
        $tin = Hollow::of(
            new Item('tin', 'Tin', new Size(200, 200, 200), Form::Rigid, cavity: Cavity::block(180, 170, 160)),
            $contents,
        );
        $pouch = Hollow::of(
            new Item('pouch', 'Pouch', new Size(200, 100, 4), Form::Cloth, cavity: Cavity::pouch(1)),
            $contents,
        );

        self::assertSame([180, 170, 160], [$tin->topLength, $tin->topWidth, $tin->height]);
        self::assertSame([140, 60, 30], [$pouch->topLength, $pouch->topWidth, $pouch->height]);
    }

    public function test_chance_is_the_same_for_the_same_seed_and_never_far_from_one(): void
    {
        [$one, $same, $none] = [new Chance(7, 0.3), new Chance(7, 0.3), new Chance(7, 0.0)];
        $seen = [];
        for ($times = 0; $times < 200; $times++) {
            $seen[] = $factor = $one->next();
            self::assertSame($factor, $same->next());
            self::assertSame(1.0, $none->next());
        }
        self::assertGreaterThanOrEqual(0.85, min([9.0, ...$seen]));
        self::assertLessThanOrEqual(1.15, max([0.0, ...$seen]));
        self::assertEqualsWithDelta(1.0, array_sum($seen) / 200, 0.02);
    }
}
