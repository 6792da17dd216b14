<?php

declare(strict_types=1);

namespace Tests\Core\Fit;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Box\Bench\OutOfTurn;
use PluckyWren\Core\Box\Bench\Packed;
use PluckyWren\Core\Box\Bench\Press;
use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\Geometry\SideBySide;
use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Moves\Move;
use PluckyWren\Core\Fit\Moves\Relation;
use PluckyWren\Core\Fit\Moves\Shifted;
use PluckyWren\Core\Fit\Moves\Side;
use PluckyWren\Core\Fit\Moves\Whereby;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Solve\Steps;
use PluckyWren\Core\Measure\Size;

/** Two plain things side by side go in at one go, one with each hand. Things of 60 x 40 x 20 mm, unless said. */
final class PairsTest extends TestCase
{
    public function test_what_lies_side_by_side_at_one_level_goes_in_two_by_two(): void
    {
        $placements = [
            self::lies('comb', 0, 0), self::lies('soap', 600, 0), self::lies('tin', 1210, 0),
            self::lies('car', 0, 0, 200), self::lies('clay', 2000, 1500),
        ];

        // The soap is nearer to the comb than to the tin; the car lies on the comb; the clay is far from all.
        self::assertSame(
            [['clay'], ['comb', 'soap'], ['tin'], ['car']],
            self::moves(Steps::number($placements, [], self::items('comb', 'soap', 'tin', 'car', 'clay'))),
        );
    }

    #[DataProvider('others')]
    public function test_only_plain_things_do(Item $item, Placement ...$placements): void
    {
        $items = [...self::items('comb', 'soap'), $item->id => $item];
        $steps = array_column(
            Steps::number([self::lies('comb', 0, 0), ...array_values($placements)], [], $items),
            'step',
            'id',
        );

        self::assertNotSame($steps['comb'], $steps[$placements[0]->id]);
    }

    /** @return iterable<string, array<int, Item|Placement>> */
    public static function others(): iterable
    {
        $size = Size::ofMm(60, 40, 20);
        yield 'what is folded' => [new Item('vest', 'Vest', $size, Form::Cloth), self::lies('vest', 600, 0)];
        yield 'what is pressed' => [new Item('owl', 'Owl', $size, Form::Soft), self::lies('owl', 600, 0)];
        yield 'what leans' => [new Item('stick', 'Stick', $size, Form::Rigid), new Placement(
            'stick', 1, null, How::Diagonal, 30.0, [new Part(600, 0, 0, 600, 400, 200)],
        )];
        yield 'what is filled first' => [
            new Item('cup', 'Cup', $size, Form::Rigid),
            self::lies('cup', 600, 0),
            new Placement('soap', 1, 'cup', How::Nested, 0.0, [new Part(0, 0, 0, 100, 100, 100)]),
        ];
        yield 'a bundle' => [
            (new Item('pens', 'Pens', $size, Form::Rigid))->bundled(4, [$size], null), self::lies('pens', 600, 0),
        ];
        yield 'another of the same' => [
            new Item('comb#2', 'Comb', $size, Form::Rigid),
            new Placement('comb#2', 1, null, How::OnEdge, 0.0, [new Part(600, 0, 0, 400, 600, 200)]),
        ];
        yield 'corner to corner' => [new Item('tin', 'Tin', $size, Form::Rigid), self::lies('tin', 600, 250)];
        yield 'higher up' => [new Item('tin', 'Tin', $size, Form::Rigid), self::lies('tin', 600, 0, 10)];
    }

    public function test_beside_is_near_alongside_and_at_a_level(): void
    {
        $at = static fn (int $x, int $y, int $z): Part => new Part($x, $y, $z, 600, 400, 200);

        self::assertSame(150, SideBySide::gap($at(0, 0, 0), $at(750, 0, 0)));
        self::assertNull(SideBySide::gap($at(0, 0, 0), $at(751, 0, 0)));
        self::assertSame(150, SideBySide::gap($at(750, 200, 199), $at(0, 0, 0)));
        self::assertNull(SideBySide::gap($at(750, 201, 0), $at(0, 0, 0)));
        self::assertNull(SideBySide::gap($at(750, 0, 200), $at(0, 0, 0)));
        self::assertTrue(SideBySide::fromFrontToBack($at(0, 0, 0), $at(300, 400, 0)));
        self::assertFalse(SideBySide::fromFrontToBack($at(0, 400, 0), $at(0, 0, 0)));
    }

    public function test_the_second_is_told_by_the_first(): void
    {
        $box = BoxShape::straight('Box', 3180, 1960, 1120, 80);
        $told = static function (Placement ...$placements) use ($box): array {
            $whereby = new Whereby($box, array_values($placements), static fn (string $id): string => $id);
            $pair = Move::of(array_values($placements))[0]->each();

            return $whereby->of($pair[1], $pair[0]);
        };
        $pair = [self::lies('comb', 0, 0), self::lies('soap', 610, 0)];

        self::assertEquals([Relation::besideIt(Side::Right, 'comb')], $told(...$pair));
        self::assertEquals([Relation::besideIt(Side::Left, 'soap')], $told(...array_reverse($pair)));
        // Where a tin that lies on the soap is to the right of the comb too, the floor tells it.
        $tin = new Placement('tin', 2, null, How::Flat, 0.0, [new Part(610, 0, 190, 600, 400, 200)]);
        self::assertEquals([Relation::besideIt(Side::Right, 'comb'), Relation::onFloor()], $told(...$pair, ...[$tin]));
    }

    public function test_what_is_wanted_earlier_or_later_goes_in_by_itself(): void
    {
        $placements = [
            self::lies('book', 2000, 0)->withStep(1), self::lies('comb', 0, 0)->withStep(2),
            self::lies('soap', 600, 0)->withStep(2), self::lies('tin', 0, 1000)->withStep(3),
        ];
        $moves = static fn (string $id, int $by): array => self::moves(Shifted::order($placements, [$id => $by]));

        self::assertSame([['book'], ['comb'], ['tin'], ['soap']], $moves('soap', 1));
        self::assertSame([['book'], ['soap'], ['comb'], ['tin']], $moves('comb', 1));
        self::assertSame([['comb'], ['book'], ['soap'], ['tin']], $moves('comb', -1));
        self::assertSame([['comb', 'soap'], ['book'], ['tin']], $moves('book', 1));
    }

    public function test_at_the_bench_the_second_is_tried_once_the_first_is_in(): void
    {
        $plan = Move::of([
            self::lies('comb', 0, 0), self::lies('soap', 600, 0), self::lies('car', 600, 0, 200)->withStep(2),
        ]);
        $none = Packed::after([]);

        self::assertSame([], $none->inBefore('comb', ...$plan));
        self::assertSame([], $none->inBefore('car', ...$plan));
        $before = $none->inBefore('soap', ...$plan);
        self::assertSame(['comb'], array_column($before, 'id'));
        $half = $none->with($before);
        self::assertSame([], $half->inBefore('soap', ...$plan));
        // The car lies on the soap, and the soap is not in.
        self::assertFalse($half->allows($plan[1], ...$plan));
        $both = Packed::after([Press::in($plan[0]->placements)]);
        self::assertTrue($both->allows($plan[1], ...$plan));
        // Either comes out again by itself, while the other stays.
        $free = $both->free();
        self::assertSame(['soap', 'comb'], array_map(static fn (Move $move): string => $move->first()->id, $free));
        self::assertSame(['comb'], array_column($both->without($free[0])->placements, 'id'));
        self::assertSame(['comb', 'soap'], $both->last());
    }

    public function test_two_that_are_put_in_before_their_turn_both_find_a_place(): void
    {
        $box = static fn (int $length): BoxShape => BoxShape::straight('Box', $length, 400, 200, 0);
        $problem = static fn (int $length): Problem => new Problem(
            $box($length),
            array_values(self::items('comb', 'soap', 'tin')),
        );
        $placed = OutOfTurn::placements($problem(1200), Packed::after([]), 'comb', 'soap');

        self::assertNotNull($placed);
        self::assertSame(['comb', 'soap'], array_column($placed, 'id'));
        self::assertSame(600, abs($placed[0]->parts[0]->x - $placed[1]->parts[0]->x));
        self::assertNull(OutOfTurn::placements($problem(1190), Packed::after([]), 'comb', 'soap'));
        self::assertNull(OutOfTurn::placements($problem(1200), Packed::after([Press::in($placed)]), 'soap'));
    }

    private static function lies(string $id, int $x, int $y, int $z = 0): Placement
    {
        return new Placement($id, 1, null, How::Flat, 0.0, [new Part($x, $y, $z, 600, 400, 200)]);
    }

    /** @return array<string, Item> */
    private static function items(string ...$ids): array
    {
        $items = [];
        foreach ($ids as $id) {
            $items[$id] = new Item($id, ucfirst($id), Size::ofMm(60, 40, 20), Form::Rigid);
        }

        return $items;
    }

    /**
     * @param  list<Placement>  $placements
     * @return list<list<string>>
     */
    private static function moves(array $placements): array
    {
        return array_map(static fn (Move $move): array => $move->ids(), Move::of($placements));
    }
}
