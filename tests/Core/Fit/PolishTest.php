<?php

declare(strict_types=1);

namespace Tests\Core\Fit;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Cavity;
use PluckyWren\Core\Fit\Check\Validator;
use PluckyWren\Core\Fit\ClosureOf;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Kept;
use PluckyWren\Core\Fit\Order;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Result;
use PluckyWren\Core\Fit\Solve\Attempt;
use PluckyWren\Core\Fit\Solve\Bundle;
use PluckyWren\Core\Fit\Solve\FloorPlan;
use PluckyWren\Core\Fit\Solve\Layout;
use PluckyWren\Core\Fit\Solve\Merit;
use PluckyWren\Core\Fit\Solve\Polish;
use PluckyWren\Core\Fit\Solve\Search;
use PluckyWren\Core\Fit\Solve\Steps;
use PluckyWren\Core\Measure\Size;

final class PolishTest extends TestCase
{
    public function test_a_row_of_blocks_is_piled_up_as_low_as_it_goes(): void
    {
        $layout = Layout::of(self::box(), [], self::items()) ?? self::fail('Nothing leans.');
        $tin = ['tin', 0, 0, 1000, 1000, 400];
        $car = ['car', 500, 0, 1000, 1000, 300];
        $book = ['book', 0, 0, 2000, 1500, 100];

        self::assertSame([0, 400], self::levels($layout->settled([$tin, $car])));
        // Under the others it lifts both; the car lies by half on the tin.
        self::assertSame([0, 100, 500], self::levels($layout->settled([$book, $tin, $car])));
        // On the tin alone, in its corner, the book is carried by a third: enough; moved on by 500, by a sixth.
        self::assertSame([0, 400], self::levels($layout->settled([$tin, $book])));
        self::assertNull($layout->settled([$tin, ['book', 500, 0, 2000, 1500, 100]]));
        self::assertNull($layout->settled([$tin, ['car', 0, 0, 1000, 1000, 681]]), 'higher than the lid gives');
        self::assertNull($layout->settled([['tin', 2001, 0, 1000, 1000, 400]]), 'through the wall');
    }

    public function test_a_book_that_lies_on_top_is_put_under_everything(): void
    {
        $problem = new Problem(self::box(), array_values(self::items()), Order::FlatsFirst);
        $polished = (new Polish($problem, self::items(), Budget::ofAttempts(50)))->of([
            new Placement('tin', 1, null, How::Flat, 0.0, [new Part(0, 0, 0, 1000, 1000, 400)]),
            new Placement('book', 1, null, How::Flat, 0.0, [new Part(0, 0, 400, 2000, 1500, 100)]),
        ]);

        self::assertSame(1.0, Kept::in($problem->box, $problem->order, $polished, self::items())->order);
        self::assertSame(100, array_column($polished, null, 'id')['tin']->parts[0]->z);
    }

    /**
     * @param  array<array-key, Item>  $items
     * @param  list<Placement>  $placements
     */
    #[DataProvider('packingsThatShowWhatIsPrivate')]
    public function test_what_is_private_is_put_out_of_sight(array $items, array $placements): void
    {
        $this->outOfSight($items, $placements);
    }

    /** @return iterable<string, array{array<array-key, Item>, list<Placement>}> */
    public static function packingsThatShowWhatIsPrivate(): iterable
    {
        $tin = static fn (int $high, bool $keepUpright = false): Item => new Item(
            'tin', 'Tin', Size::ofMm(200, 200, $high), Form::Rigid, keepUpright: $keepUpright,
        );
        $vest = static fn (int $long, int $high, float $squeeze = 0.6): Item => new Item(
            'vest', 'Vest', Size::ofMm($long, 100, $high), Form::Cloth, squeeze: $squeeze, hidden: true,
        );
        $lies = static fn (string $id, int ...$part): Placement => new Placement(
            $id, 1, null, How::Flat, 0.0, [new Part(...$part)],
        );

        // The vest fills its corner up to the rim and the lid's give, 1000 + 80; a letter of 2 on it would not close.
        yield 'under a letter, folded lower by it' => [
            [
                'tin' => $tin(100),
                'letter' => new Item('letter', 'Letter', Size::ofMm(180, 90, 2), Form::Sheet),
                'vest' => $vest(200, 108),
            ],
            [
                $lies('letter', 0, 0, 0, 1800, 900, 20),
                $lies('tin', 0, 0, 20, 2000, 2000, 1000),
                $lies('vest', 2000, 0, 0, 1000, 2000, 1080),
            ],
        ];

        // As it is, 50 x 100 and 80 high, it goes under nothing; folded to 100 x 100 it is 40, and the car lies at 40.
        yield 'folded as broad as what it goes under' => [
            ['tin' => $tin(100), 'car' => self::car(60), 'vest' => $vest(100, 40)],
            [
                $lies('tin', 0, 0, 0, 2000, 2000, 1000),
                $lies('car', 2000, 1000, 0, 1000, 1000, 600),
                $lies('vest', 2000, 0, 0, 500, 1000, 800),
            ],
        ];

        // On the vest's 80 the car, 45 high, would reach 125; on the 48 that it can be folded to, 93 of the 108.
        yield 'folded as low as it goes' => [
            ['tin' => $tin(100), 'car' => self::car(45), 'vest' => $vest(100, 80)],
            [
                $lies('tin', 0, 0, 0, 2000, 2000, 1000),
                $lies('car', 2000, 1000, 0, 1000, 1000, 450),
                $lies('vest', 2000, 0, 0, 1000, 1000, 800),
            ],
        ];

        // A bar of 35 on the vest's 80 would reach 115 of 108; it lies on the 73 that it can be folded to, or less.
        yield 'under a bar that stood' => [
            ['soap' => new Item('soap', 'Soap', Size::ofMm(100, 80, 35), Form::Rigid), 'vest' => $vest(100, 80)],
            [$lies('soap', 1000, 0, 0, 350, 800, 1000), $lies('vest', 0, 0, 0, 1000, 1000, 800)],
        ];

        // As it stands, 100 x 30 and 80 high, it covers too little of the vest's 100 x 100; as broad it is 24 high.
        yield 'under a towel that is folded anew' => [
            [
                'tin' => $tin(105),
                'towel' => new Item('towel', 'Towel', Size::ofMm(100, 80, 30), Form::Cloth, squeeze: 1.0),
                'vest' => $vest(100, 40, 1.0),
            ],
            [
                $lies('tin', 0, 0, 0, 2000, 2000, 1050),
                $lies('vest', 2000, 0, 0, 1000, 1000, 400),
                $lies('towel', 2000, 1000, 0, 1000, 300, 800),
            ],
        ];

        // The towel fills 200 x 200 x 20 under the tin, 85 high; in the vest's place, 100 x 100, it is 80 high. The
        // vest fills 100 x 100 x 50, and in the towel's place it is 12.5 high.
        yield 'in the place of a towel that lies under a tin' => [
            [
                'towel' => new Item('towel', 'Towel', Size::ofMm(200, 200, 20), Form::Cloth, squeeze: 1.0),
                'tin' => $tin(85),
                'vest' => $vest(100, 50),
            ],
            [
                $lies('towel', 0, 0, 0, 2000, 2000, 200),
                $lies('tin', 0, 0, 200, 2000, 2000, 850),
                $lies('vest', 2000, 0, 0, 1000, 1000, 500),
            ],
        ];

        // The vest, 80 high or 48 pressed, has nothing over it: with the block, 62 high, on it, it would reach 110 of
        // 108. In the block's place, under the robot that may have nothing on it, it reaches 48 + 46.
        yield 'in the place of something hard' => [
            [
                'tin' => $tin(108, keepUpright: true),
                'block' => new Item('block', 'Block', Size::ofMm(100, 100, 62), Form::Rigid, keepUpright: true),
                'robot' => new Item(
                    'robot', 'Robot', Size::ofMm(100, 100, 46), Form::Rigid, firstSight: true, keepUpright: true,
                ),
                'vest' => $vest(100, 80),
            ],
            [
                $lies('tin', 0, 0, 0, 2000, 2000, 1080),
                $lies('block', 2000, 0, 0, 1000, 1000, 620),
                $lies('robot', 2000, 0, 620, 1000, 1000, 460),
                $lies('vest', 2000, 1000, 0, 1000, 1000, 800),
            ],
        ];
    }

    public function test_a_pouch_that_holds_something_is_not_folded_anew_for_what_is_private(): void
    {
        // Folded as broad as the vest, 100 x 100, the pouch would be 24 high; the soap in it is 30.
        $items = [
            'tin' => new Item('tin', 'Tin', Size::ofMm(200, 200, 105), Form::Rigid),
            'soap' => new Item('soap', 'Soap', Size::ofMm(60, 40, 30), Form::Rigid),
            'pouch' => new Item(
                'pouch', 'Pouch', Size::ofMm(100, 80, 30), Form::Cloth, squeeze: 1.0, cavity: Cavity::pouch(10),
            ),
            'vest' => new Item('vest', 'Vest', Size::ofMm(100, 100, 40), Form::Cloth, squeeze: 1.0, hidden: true),
        ];
        $parts = $this->outOfSight($items, [
            new Placement('soap', 1, 'pouch', How::Nested, 0.0, [new Part(0, 0, 0, 600, 300, 400)]),
            new Placement('tin', 1, null, How::Flat, 0.0, [new Part(0, 0, 0, 2000, 2000, 1050)]),
            new Placement('vest', 1, null, How::Refolded, 0.0, [new Part(2000, 0, 0, 1000, 1000, 400)]),
            new Placement('pouch', 1, null, How::Refolded, 0.0, [new Part(2000, 1000, 0, 1000, 320, 800)]),
        ]);
        $sides = [$parts['pouch']->l, $parts['pouch']->w, $parts['pouch']->h];
        sort($sides);

        self::assertSame([320, 800, 1000], $sides);
        self::assertEquals(new Part(0, 0, 0, 600, 300, 400), $parts['soap'], 'and the soap lies in it as it did');
    }

    public function test_what_she_pinned_stays_where_it_is_and_has_nothing_put_under_it(): void
    {
        $items = ['tin' => self::tin(), 'car' => self::car(45), 'vest' => self::vest()];
        $pinned = new Placement('car', 1, null, How::Flat, 0.0, [new Part(0, 0, 0, 1000, 1000, 450)]);
        $placements = [
            new Placement('tin', 1, null, How::Flat, 0.0, [new Part(0, 1000, 0, 1200, 1000, 600)]),
            new Placement('vest', 1, null, How::Refolded, 0.0, [new Part(2000, 0, 0, 1000, 1000, 800)]),
        ];
        $problem = new Problem(self::box(), array_values($items), Order::FlatsLast, [$pinned]);
        $polished = (new Polish($problem, $items, Budget::ofAttempts(50)))->of($placements);
        $kept = Kept::in($problem->box, $problem->order, [$pinned, ...$polished], $items);

        self::assertSame(['tin', 'vest'], self::idsOf($polished), 'what is pinned is not among what is packed anew');
        self::assertSame([], $kept->seenPrivates, 'and it goes under the tin');
        self::assertSame([], self::breaches($problem, $polished));
    }

    public function test_what_is_to_be_seen_first_comes_on_top(): void
    {
        $items = [
            'tin' => new Item('tin', 'Tin', Size::ofMm(200, 200, 50), Form::Rigid),
            'car' => new Item('car', 'Car', Size::ofMm(100, 100, 40), Form::Rigid, firstSight: true),
        ];
        $problem = new Problem(self::box(), array_values($items), Order::FlatsLast);
        $placements = [
            new Placement('car', 1, null, How::Flat, 0.0, [new Part(0, 0, 0, 1000, 1000, 400)]),
            new Placement('tin', 1, null, How::Flat, 0.0, [new Part(0, 0, 400, 2000, 2000, 500)]),
        ];
        $polished = (new Polish($problem, $items, Budget::ofAttempts(50)))->of($placements);

        self::assertSame(['car'], Kept::in($problem->box, $problem->order, $placements, $items)->coveredFirstSights);
        self::assertSame([], Kept::in($problem->box, $problem->order, $polished, $items)->coveredFirstSights);
        self::assertSame([], self::breaches($problem, $polished));
    }

    public function test_what_cannot_be_hidden_is_left_as_it_is(): void
    {
        // Both up to the lid's give, which no fold of the vest goes under.
        $items = [
            'tin' => new Item('tin', 'Tin', Size::ofMm(200, 200, 105), Form::Rigid),
            'vest' => new Item('vest', 'Vest', Size::ofMm(100, 100, 40), Form::Cloth, squeeze: 0.6, hidden: true),
        ];
        $problem = $this->problem($items);
        $placements = [
            new Placement('tin', 1, null, How::Flat, 0.0, [new Part(0, 0, 0, 2000, 2000, 1050)]),
            new Placement('vest', 1, null, How::Refolded, 0.0, [new Part(2000, 0, 0, 1000, 1000, 400)]),
        ];

        self::assertSame($placements, (new Polish($problem, $items, Budget::ofAttempts(50)))->of($placements));
    }

    public function test_what_is_private_goes_into_a_cup_that_is_empty(): void
    {
        // Neither under the tin, 105 high, nor under the cup, 100 high, is room for as little as 8.
        $items = [
            'tin' => new Item('tin', 'Tin', Size::ofMm(200, 200, 105), Form::Rigid),
            // Ids may be figures.
            '7' => new Item('7', 'Cup', Size::ofMm(90, 90, 100), Form::Rigid, cavity: Cavity::cylinder(800, 900)),
            'vest' => new Item('vest', 'Vest', Size::ofMm(100, 50, 40), Form::Cloth, squeeze: 0.6, hidden: true),
        ];
        $placements = [
            new Placement('tin', 1, null, How::Flat, 0.0, [new Part(0, 0, 0, 2000, 2000, 1050)]),
            new Placement('7', 1, null, How::Upright, 0.0, [new Part(2000, 0, 0, 900, 900, 1000)]),
            new Placement('vest', 1, null, How::Refolded, 0.0, [new Part(2000, 1000, 0, 1000, 500, 400)]),
        ];
        $vest = $this->outOfSight($items, $placements)['vest'];

        // The square in its 80 is 56 wide.
        self::assertLessThanOrEqual(800, hypot($vest->l, $vest->w));
        self::assertLessThanOrEqual(900, $vest->top());
        self::assertGreaterThanOrEqual(120_000_000, $vest->volume());

        $full = $this->problem($items + ['sock' => new Item('sock', 'Sock', Size::ofMm(60, 50, 40), Form::Cloth)]);
        $withSock = [new Placement('sock', 1, '7', How::Nested, 0.0, [new Part(120, 120, 0, 500, 500, 480)])];
        self::assertSame(
            [...$withSock, ...$placements],
            (new Polish($full, $full->singles(), Budget::ofAttempts(50)))->of([...$withSock, ...$placements]),
            'what holds something already is left as it is',
        );
    }

    public function test_what_is_not_all_in_is_made_better_at_the_end_too(): void
    {
        $items = [...self::items(), 'car' => new Item('car', 'Car', Size::ofMm(290, 190, 98), Form::Rigid)];
        $problem = new Problem(self::box(), array_values($items), Order::FlatsFirst);
        $placements = [
            new Placement('tin', 1, null, How::Flat, 0.0, [new Part(0, 0, 0, 1000, 1000, 400)]),
            new Placement('book', 1, null, How::Flat, 0.0, [new Part(0, 0, 400, 2000, 1500, 100)]),
        ];
        $closure = ClosureOf::packing($problem->box, $placements, $items);
        $merit = Merit::of($problem, $placements, [$items['car']], $closure, $items);
        $search = new Search($problem, $items, $items, array_values($items), 1, Budget::ofAttempts(1));
        $finished = $search->finished(new Attempt($placements, [$items['car']], $merit));

        self::assertSame([0.0, 1.0], [$merit->kept->order, $finished->merit->kept->order]);
        self::assertSame([$items['car']], $finished->leftOut);
    }

    public function test_what_is_private_and_stays_together_lies_on_itself(): void
    {
        $bundle = new Bundle(
            new Item('vest', 'Vest', Size::ofMm(140, 110, 20), Form::Cloth, 2, squeeze: 0.6, hidden: true),
            self::box(),
        );
        $lies = static fn (int $high): array => array_map(
            static fn (Placement $one): array => [$one->parts[0]->x, $one->parts[0]->y, $one->parts[0]->z],
            $bundle->spread(new Placement('vest', 1, null, How::Refolded, 0.0, [new Part(0, 0, 0, 1200, 800, $high)])),
        );

        self::assertSame([[0, 0, 0], [0, 0, 200]], $lies(400));
        // Two layers of 7 mm are thinner than it folds, 8 mm: side by side.
        self::assertSame([[0, 0, 0], [0, 400, 0]], $lies(140));
    }

    public function test_the_floor_is_covered_as_far_as_it_goes(): void
    {
        // On 300 x 200 mm: two of 200 x 150 stand side by side, 150 + 150; then nothing else goes.
        $books = array_map(static fn (int $number): Item => new Item(
            "book-{$number}", 'Book', Size::ofMm(200, 150, 10), Form::Rigid,
        ), [1, 2, 3]);
        $plan = new FloorPlan(self::box(), $books, []);

        self::assertCount(2, $plan->parts(0));
        self::assertSame(6_000_000, $plan->covered());
        self::assertEquals([new Part(0, 0, 0, 1500, 2000, 100)], $plan->parts(0)['book-1']);
        self::assertEquals([new Part(1500, 0, 0, 1500, 2000, 100)], $plan->parts(1)['book-1'], 'mirrored');
    }

    public function test_paper_that_is_a_little_too_long_is_bent_up_the_wall_beside_a_book(): void
    {
        // Beside the book's 190 are 110 of 300: of a letter of 130, 108 lie, 2 is the bend, and 22 stand.
        $book = new Item('book', 'Book', Size::ofMm(200, 190, 10), Form::Rigid);
        $parts = static function (
            int $long,
            int $broad,
            int $thin = 2,
            Form $form = Form::Sheet,
            int $number = 0,
        ) use ($book): array {
            $paper = new Item('paper', 'Paper', Size::ofMm($long, $broad, $thin), $form);

            return (new FloorPlan(self::box(), [$book, $paper], []))->parts($number)['paper'] ?? [];
        };

        self::assertEquals(
            [new Part(1900, 0, 0, 1080, 1600, 20), new Part(2980, 0, 0, 20, 1600, 220)],
            $parts(160, 130),
        );
        self::assertEquals(
            [new Part(20, 0, 0, 1080, 1600, 20), new Part(0, 0, 0, 20, 1600, 220)],
            $parts(160, 130, number: 1),
            'mirrored',
        );
        self::assertCount(1, $parts(110, 100), 'what fits lies as it is');
        self::assertSame([], $parts(160, 140), 'of 140 more than a fifth would stand');
        self::assertSame([], $parts(160, 130, 2, Form::Rigid), 'what is stiff');
        self::assertSame([], $parts(160, 130, 4, Form::Bendable), 'thicker than 3 mm');
    }

    public function test_of_what_is_bent_up_a_wall_what_lies_counts_as_lying_on_the_floor(): void
    {
        // 200 x 160 in all, 148 of the 160 on the floor.
        $paper = new Item('paper', 'Paper', Size::ofMm(200, 160, 2), Form::Sheet);
        $bent = new Placement('paper', 1, null, How::UpTheWall, 0.0, [
            new Part(1500, 0, 0, 1480, 2000, 20), new Part(2980, 0, 0, 20, 2000, 120),
        ]);

        self::assertSame(
            148 / 160,
            Kept::in(self::box(), Order::FlatsFirst, [$bent], ['paper' => $paper])->order,
        );
    }

    public function test_in_a_tub_what_comes_to_lie_lower_moves_away_from_the_wall(): void
    {
        // 300 x 200 at the rim, 100 high, 260 x 160 on the floor: 20 narrower all round.
        $tub = new BoxShape('Tub', 3000, 2000, 2600, 1600, 1000, 80);
        $layout = Layout::of($tub, [], self::items()) ?? self::fail('Nothing leans.');
        $tin = ['tin', 200, 200, 2000, 1200, 500];

        self::assertEquals(
            [new Part(100, 100, 500, 1000, 1000, 300)],
            ($layout->settled([$tin, ['car', 0, 0, 1000, 1000, 300]])[1] ?? null)?->parts,
        );
        self::assertEquals(
            [new Part(200, 200, 0, 1000, 1000, 300)],
            ($layout->settled([['car', 0, 0, 1000, 1000, 300]])[0] ?? null)?->parts,
        );
        self::assertNull($layout->settled([['car', 0, 0, 2601, 1000, 300]]), 'broader than the floor');
    }

    public function test_that_nothing_private_shows_matters_more_than_flat_things_on_the_floor(): void
    {
        // On each other: the book on the floor with the tin on it, or the vest with the book on it.
        $items = [
            'book' => new Item('book', 'Book', Size::ofMm(200, 150, 10), Form::Rigid),
            'vest' => new Item('vest', 'Vest', Size::ofMm(200, 150, 20), Form::Cloth, hidden: true),
            'lead' => new Item('lead', 'Lead', Size::ofMm(100, 200, 20), Form::Rigid, firstSight: true),
            'tin' => new Item('tin', 'Tin', Size::ofMm(100, 200, 20), Form::Rigid),
        ];
        $problem = new Problem(self::box(), array_values($items), Order::FlatsFirst);
        $lies = static fn (string $id, int $x, int $z): Placement => new Placement($id, 1, null, How::Flat, 0.0, [
            new Part($x, 0, $z, ...match ($id) {
                'book' => [1500, 2000, 100], 'vest' => [1500, 2000, 200], default => [1000, 2000, 200],
            }),
        ]);
        $merit = static function (Placement ...$placements) use ($problem, $items): Merit {
            $placements = array_values($placements);

            return Merit::of($problem, $placements, [], ClosureOf::packing($problem->box, $placements, $items), $items);
        };
        // One is otherwise than it should be in either: the vest in sight, or the lead gift out of it.
        $shows = $merit($lies('book', 0, 0), $lies('vest', 0, 100), $lies('tin', 1500, 0), $lies('lead', 1500, 200));
        $hides = $merit($lies('vest', 0, 0), $lies('book', 0, 200), $lies('lead', 1500, 0), $lies('tin', 1500, 200));

        self::assertSame([['vest'], []], [$shows->kept->seenPrivates, $shows->kept->coveredFirstSights]);
        self::assertSame([[], ['lead']], [$hides->kept->seenPrivates, $hides->kept->coveredFirstSights]);
        self::assertGreaterThan($hides->kept->order, $shows->kept->order);
        self::assertTrue($hides->isBetterThan($shows));
    }

    /** @param array<array-key, Item> $items */
    private function problem(array $items): Problem
    {
        return new Problem(self::box(), array_values($items), Order::FlatsLast);
    }

    /**
     * What becomes of a packing in which what is private is in sight, and is not any more.
     *
     * @param  array<array-key, Item>  $items
     * @param  list<Placement>  $placements
     * @return array<string, Part> by the pieces' ids
     */
    private function outOfSight(array $items, array $placements): array
    {
        $problem = $this->problem($items);
        $items = $problem->singles();
        self::assertSame(['vest'], Kept::in($problem->box, $problem->order, $placements, $items)->seenPrivates);
        $polished = (new Polish($problem, $items, Budget::ofAttempts(50)))->of($placements);
        self::assertSame([], Kept::in($problem->box, $problem->order, $polished, $items)->seenPrivates);
        self::assertSame(self::idsOf($placements), self::idsOf($polished), 'all of it is in');
        self::assertSame([], self::breaches($problem, $polished));

        return array_map(
            static fn (Placement $one): Part => $one->parts[0],
            array_column($polished, null, 'id'),
        );
    }

    /**
     * @param  list<Placement>  $placements
     * @return list<string>
     */
    private static function idsOf(array $placements): array
    {
        $ids = array_column($placements, 'id');
        sort($ids);

        return $ids;
    }

    /**
     * @param  list<Placement>  $placements
     * @return list<string> what the validator finds in them
     */
    private static function breaches(Problem $problem, array $placements): array
    {
        $items = $problem->singles();
        $numbered = Steps::number($placements, $problem->pinned, $items);
        $closure = ClosureOf::packing($problem->box, $numbered, $items);

        return Validator::ofAllRules()->breaches($problem, new Result($numbered, [], $closure));
    }

    private static function tin(): Item
    {
        return new Item('tin', 'Tin', Size::ofMm(120, 100, 60), Form::Rigid);
    }

    private static function car(int $high): Item
    {
        return new Item('car', 'Car', Size::ofMm(100, 100, $high), Form::Rigid, keepUpright: true);
    }

    private static function vest(): Item
    {
        return new Item('vest', 'Vest', Size::ofMm(100, 100, 80), Form::Cloth, squeeze: 0.6, hidden: true);
    }

    /**
     * @param  list<Placement>|null  $placements
     * @return list<int>|null
     */
    private static function levels(?array $placements): ?array
    {
        return $placements === null
            ? null
            : array_map(static fn (Placement $placement): int => $placement->parts[0]->z, $placements);
    }

    private static function box(): BoxShape
    {
        return BoxShape::straight('Box', 3000, 2000, 1000, 80);
    }

    /** @return array<string, Item> */
    private static function items(): array
    {
        return [
            'tin' => new Item('tin', 'Tin', Size::ofMm(100, 100, 40), Form::Rigid),
            'car' => new Item('car', 'Car', Size::ofMm(100, 100, 30), Form::Rigid),
            'book' => new Item('book', 'Book', Size::ofMm(200, 150, 10), Form::Rigid),
        ];
    }
}
