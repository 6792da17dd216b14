<?php

declare(strict_types=1);

namespace Tests\Core\Fit;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Cavity;
use PluckyWren\Core\Fit\Check\Validator;
use PluckyWren\Core\Fit\Files\MalformedFile;
use PluckyWren\Core\Fit\Files\ProblemFile;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\LeftOut;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Result;
use PluckyWren\Core\Fit\Solve\CornerSolver;
use PluckyWren\Core\Measure\Size;

/** What must ride in another piece rides there, and takes no other room. */
final class RidersTest extends TestCase
{
    /**
     * @param  list<Item>  $items
     * @param  array<string, string>  $in  by the single piece, what it rides in
     * @param  list<string>  $out
     */
    #[DataProvider('boxes')]
    public function test_it_rides_where_it_must_or_stays_out(array $items, array $in, array $out): void
    {
        $problem = new Problem(BoxShape::straight('Box', 3180, 1960, 1120, 80), $items);
        $result = (new CornerSolver)->solve($problem, Budget::ofAttempts(6));

        self::assertSame([], Validator::ofAllRules()->breaches($problem, $result));
        self::assertEquals($in, self::inWhat($result));
        self::assertEqualsCanonicalizing(
            $out,
            array_map(static fn (LeftOut $one): string => $one->id, $result->leftOut),
        );
    }

    /** @return iterable<string, array{list<Item>, array<string, string>, list<string>}> */
    public static function boxes(): iterable
    {
        $cup = new Item(
            'cup', 'Cup', Size::ofMm(90, 80, 85), Form::Rigid, cavity: Cavity::cylinder(740, 840, [720]),
        );
        $pouch = new Item(
            'pouch', 'Pouch', Size::ofMm(210, 100, 8), Form::Cloth,
            squeeze: 0.8, minSide: 40, cavity: Cavity::pouch(10),
        );
        $book = new Item('book', 'Book', Size::ofMm(210, 148, 9), Form::Bendable);
        $into = static fn (string $into, string $id, Size $size, Form $form, int $count = 1): Item => new Item(
            $id, ucfirst($id), $size, $form, $count, squeeze: 0.7, minSide: $form === Form::Cloth ? 80 : null,
            into: $into,
        );

        // 200 x 150 x 10 of cloth is 300,000 mm³, pressed 210,000; the cup's square holds 52 x 52 x 84 = 227,000.
        yield 'a shirt in a cup' => [
            [$cup, $into('cup', 'shirt', Size::ofMm(200, 150, 10), Form::Cloth)], ['shirt' => 'cup'], [],
        ];
        yield 'a blanket that does not go into it' => [
            [$cup, $into('cup', 'blanket', Size::ofMm(260, 200, 60), Form::Cloth)], [], ['blanket'],
        ];
        yield 'things of several kinds in a pouch' => [
            [
                $pouch, $into('pouch', 'pencil', Size::ofMm(176, 7, 7), Form::Rigid, 4),
                $into('pouch', 'eraser', Size::ofMm(43, 18, 12), Form::Rigid),
                $into('pouch', 'sharpener', Size::ofMm(26, 15, 11), Form::Rigid),
            ],
            [
                'pencil#1' => 'pouch', 'pencil#2' => 'pouch', 'pencil#3' => 'pouch', 'pencil#4' => 'pouch',
                'eraser' => 'pouch', 'sharpener' => 'pouch',
            ],
            [],
        ];
        yield 'a ruler too long for the pouch' => [
            [$pouch, $into('pouch', 'ruler', Size::ofMm(310, 30, 2), Form::Rigid)], [], ['ruler'],
        ];
        yield 'leaves between pages' => [
            [$book, $into('book', 'stickers', Size::ofMm(180, 110, 3), Form::Sheet, 2)],
            ['stickers#1' => 'book', 'stickers#2' => 'book'], [],
        ];
        yield 'a leaf larger than the book' => [
            [$book, $into('book', 'poster', Size::ofMm(290, 200, 1), Form::Sheet)], [], ['poster'],
        ];
        yield 'a stone in a book' => [
            [$book, $into('book', 'stone', Size::ofMm(40, 30, 20), Form::Rigid)], [], ['stone'],
        ];
        yield 'a holder that stays out takes along what rides in it' => [
            [
                new Item('tub', 'Tub', Size::ofMm(600, 80, 80), Form::Rigid, cavity: Cavity::block(5900, 700, 700)),
                $into('tub', 'bead', Size::ofMm(10, 10, 10), Form::Rigid),
            ],
            [], ['tub', 'bead'],
        ];
    }

    public function test_what_is_tucked_in_makes_the_book_as_much_thicker(): void
    {
        $book = new Item('book', 'Book', Size::ofMm(210, 148, 9), Form::Bendable);
        $leaf = new Item('leaf', 'Leaf', Size::ofMm(180, 110, 3), Form::Sheet, 2, into: 'book');
        $result = self::solved($book, $leaf);

        self::assertSame([150], self::thickness($result, 'book'));
    }

    public function test_a_holder_of_what_must_ride_in_it_is_filled_with_nothing_else(): void
    {
        $bottle = new Item(
            'bottle', 'Bottle', Size::ofMm(200, 70, 70), Form::Rigid, cavity: Cavity::cylinder(640, 1800, [450]),
        );
        $sock = new Item(
            'sock', 'Sock', Size::ofMm(130, 80, 24), Form::Cloth, minSide: 100, squeeze: 0.6, into: 'bottle',
        );
        $pencil = new Item('pencil', 'Pencil', Size::ofMm(176, 7, 7), Form::Rigid, 20);
        $result = self::solved($bottle, $sock, $pencil);

        self::assertSame(['sock' => 'bottle'], self::inWhat($result));
        self::assertSame([], $result->leftOut);
    }

    public function test_what_is_filled_goes_into_nothing_else(): void
    {
        // The filled flask would go into the bucket; one level deep is all there is.
        $flask = new Item(
            'flask', 'Flask', Size::ofMm(120, 60, 60), Form::Rigid, cavity: Cavity::cylinder(540, 1100, [400]),
        );
        $bucket = new Item(
            'bucket', 'Bucket', Size::ofMm(150, 150, 140), Form::Rigid, must: true,
            cavity: Cavity::cylinder(1400, 1350, [1400]),
        );
        $sock = new Item(
            'sock', 'Sock', Size::ofMm(130, 80, 12), Form::Cloth, minSide: 100, squeeze: 0.6, into: 'flask',
        );
        $problem = new Problem(BoxShape::straight('Box', 1600, 1600, 1450, 0), [$bucket, $flask, $sock]);
        $result = (new CornerSolver)->solve($problem, Budget::ofAttempts(40));

        self::assertSame([], Validator::ofAllRules()->breaches($problem, $result));
        self::assertSame(['bucket'], array_column($result->placements, 'id'));
    }

    public function test_a_pouch_is_drawn_close_round_what_is_in_it_and_made_to_the_room_there_is(): void
    {
        $pouch = new Item(
            'pouch', 'Pouch', Size::ofMm(200, 120, 10), Form::Cloth,
            squeeze: 0.8, minSide: 40, cavity: Cavity::pouch(10),
        );
        $soap = new Item('soap', 'Soap', Size::ofMm(80, 50, 25), Form::Rigid, into: 'pouch');
        $brush = new Item('brush', 'Brush', Size::ofMm(60, 50, 12), Form::Rigid, into: 'pouch');
        // On each other they take 80 x 50 x 37, with the walls 82 x 52 x 39 = 166,296: less than the pouch's own cloth
        // at its least, 0.8 x 240,000. Side by side they are 140 long: more than either side of the box.
        $problem = new Problem(BoxShape::straight('Box', 1000, 600, 600, 0), [$pouch, $soap, $brush]);
        $result = (new CornerSolver)->solve($problem, Budget::ofAttempts(6));

        self::assertSame([], Validator::ofAllRules()->breaches($problem, $result));
        self::assertSame([], $result->leftOut);
        $part = array_column($result->placements, null, 'id')['pouch']->parts[0];
        self::assertGreaterThanOrEqual(192_000_000, $part->volume());
        self::assertLessThanOrEqual(200_000_000, $part->volume());
    }

    public function test_a_pouch_is_tried_as_thick_as_it_must_be_for_all_to_go_in(): void
    {
        // 40 thick a girth of 120 x 100 leaves 80 x 60: two layers of two. Thinner three go in at most, thicker two.
        $pouch = new Item(
            'pouch', 'Pouch', Size::ofMm(120, 100, 8), Form::Cloth,
            squeeze: 0.8, minSide: 40, cavity: Cavity::pouch(10),
        );
        $soap = new Item('soap', 'Soap', Size::ofMm(60, 40, 20), Form::Rigid, 4, into: 'pouch');

        self::assertCount(4, self::inWhat(self::solved($pouch, $soap)));
    }

    public function test_a_pouch_is_filled_with_what_is_large_first_too(): void
    {
        // Care things of a real bag; only with the largest at the bottom all six go in.
        $size = static fn (int ...$tenths): Size => new Size(...$tenths);
        $in = static fn (string $id, Size $size, float $value = 1.0): Item => new Item(
            $id, $id, $size, Form::Rigid, value: $value, into: 'bag',
        );
        $result = self::solved(
            new Item('bag', 'Washbag', $size(2145, 1376, 153), Form::Cloth, squeeze: 0.8, cavity: Cavity::pouch(10)),
            $in('soap', $size(750, 437, 186), 5.0),
            $in('toothbrush', $size(1035, 226, 184), 5.0),
            $in('washcloth', $size(571, 543, 119), 5.0),
            $in('comb', $size(1820, 329, 45), 5.0),
            $in('fine-comb', $size(869, 510, 47)),
            $in('deodorant', $size(1138, 500, 325)),
        );

        self::assertCount(6, self::inWhat($result));
    }

    public function test_ids_may_be_numbers(): void
    {
        $pouch = new Item(
            '7', 'Pouch', Size::ofMm(200, 120, 10), Form::Cloth, squeeze: 0.8, minSide: 40, cavity: Cavity::pouch(10),
        );
        $soap = new Item('3', 'Soap', Size::ofMm(80, 50, 25), Form::Rigid, into: '7');
        $tin = new Item('5', 'Tin', Size::ofMm(100, 100, 60), Form::Rigid);

        self::assertSame(['3' => '7'], self::inWhat(self::solved($tin, $pouch, $soap)));
    }

    public function test_the_file_keeps_it_and_refuses_what_makes_no_sense(): void
    {
        $cup = new Item('cup', 'Cup', Size::ofMm(90, 80, 85), Form::Rigid, cavity: Cavity::cylinder(740, 840));
        $problem = new Problem(BoxShape::straight('Box', 3180, 1960, 1120, 80), [
            $cup, new Item('ball', 'Ball', Size::ofMm(30, 30, 30), Form::Rigid, into: 'cup'),
        ]);
        $json = ProblemFile::write($problem);
        self::assertEquals($problem, ProblemFile::read($json, 'x.json'));

        $this->expectException(MalformedFile::class);
        $this->expectExceptionMessage('items[1].into');
        ProblemFile::read(str_replace('"into": "cup"', '"into": "jug"', $json), 'x.json');
    }

    /** @return array<string, string> by the single piece, what it rides in */
    private static function inWhat(Result $result): array
    {
        $nested = array_filter($result->placements, static fn (Placement $placement): bool => $placement->isNested());

        return array_map(strval(...), array_column($nested, 'in', 'id'));
    }

    private static function solved(Item ...$items): Result
    {
        $problem = new Problem(BoxShape::straight('Box', 3180, 1960, 1120, 80), array_values($items));
        $result = (new CornerSolver)->solve($problem, Budget::ofAttempts(6));
        self::assertSame([], Validator::ofAllRules()->breaches($problem, $result));

        return $result;
    }

    /** @return list<int> */
    private static function thickness(Result $result, string $id): array
    {
        $part = array_column($result->placements, null, 'id')[$id]->parts[0];

        return [min($part->l, $part->w, $part->h)];
    }
}
