<?php

declare(strict_types=1);

namespace Tests\Core\Guide\Rules;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Guide\Rules\Age\BagsOfOurs;
use PluckyWren\Core\Guide\Rules\Age\LongCords;
use PluckyWren\Core\Guide\Rules\Age\PointsAndBlades;
use PluckyWren\Core\Guide\Rules\Age\RightForThisAge;
use PluckyWren\Core\Guide\Rules\Age\SmallBalls;
use PluckyWren\Core\Guide\Rules\Age\SmallParts;
use PluckyWren\Core\Guide\Rules\Age\SmallPartsCylinder;
use PluckyWren\Core\Guide\Rules\Rule;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Stash\Inside;
use PluckyWren\Core\Stash\ItemTrait;
use PluckyWren\Core\Stash\Measures;
use PluckyWren\Core\Stash\Preparation\Task;
use PluckyWren\Core\Stash\Shape;
use PluckyWren\Core\Stash\Thing;
use Tests\Core\Guide\Boxes;

/** Each rule at the edges of its public figure. */
final class AgeRulesTest extends TestCase
{
    /** @param array{float, float, float} $mm */
    #[DataProvider('things')]
    public function test_the_small_parts_cylinder(array $mm, Shape $shape, bool $goesIn): void
    {
        self::assertSame($goesIn, SmallPartsCylinder::takes(Size::ofMm(...$mm), $shape));
        // However it is measured, it is the same thing.
        self::assertSame($goesIn, SmallPartsCylinder::takes(Size::ofMm($mm[2], $mm[0], $mm[1]), $shape));
    }

    /** @return iterable<string, array{array{float, float, float}, Shape, bool}> */
    public static function things(): iterable
    {
        yield 'a ball just narrower' => [[31.6, 31.6, 31.6], Shape::Ball, true];
        yield 'a ball as wide' => [[31.7, 31.7, 31.7], Shape::Ball, true];
        yield 'a ball just wider' => [[31.8, 31.8, 31.8], Shape::Ball, false];
        // As wide as the cylinder it stands on the slant's shallow edge, 25.4 deep, and cannot be tilted.
        yield 'a disc as wide and as deep as the shallow side' => [[31.7, 31.7, 25.4], Shape::Round, true];
        yield 'a disc as wide and deeper' => [[31.7, 31.7, 26.5], Shape::Round, false];
        // It stands at the deep side; its foot reaches back 30: 57.1 - 30 = 27.1.
        yield 'a short round thing' => [[30, 30, 20], Shape::Round, true];
        // A rod of 10 stands at the deep side; its foot reaches back 10: 57.1 - 10 = 47.1. Tilted it may be longer.
        yield 'a rod that just stands' => [[47.1, 10, 10], Shape::Round, true];
        yield 'a rod that goes in tilted' => [[47.5, 10, 10], Shape::Round, true];
        yield 'a rod that stands out' => [[53, 10, 10], Shape::Round, false];
        // From the top of the shallow side to the foot of the deep one: the root of 31.7² + 57.1² is 65.3.
        yield 'a needle that leans from side to side' => [[64.5, 0.5, 0.5], Shape::Block, true];
        yield 'a needle longer than the cylinder' => [[65.5, 0.5, 0.5], Shape::Block, false];
        // A cube of 20: its deep edge lies 12.29 past the middle, so under its shallow edge it is 41.25 - 7.70 = 33.5
        // deep.
        yield 'a block that just stands' => [[33.5, 20, 20], Shape::Block, true];
        yield 'a block that stands out' => [[34.2, 20, 20], Shape::Block, false];
        // 22.4 by 22.4 has a diagonal of 31.68, 22.5 by 22.5 one of 31.82.
        yield 'a foot whose diagonal just goes in' => [[22.4, 22.4, 22.4], Shape::Block, true];
        yield 'a foot whose diagonal does not' => [[22.5, 22.5, 22.5], Shape::Block, false];
        yield 'a domino' => [[48, 24, 9], Shape::Block, false];
        yield 'a sharpener' => [[26, 15, 11], Shape::Block, true];
    }

    public function test_small_parts_are_for_children_over_three_and_a_near_miss_wants_measuring(): void
    {
        $sharpener = Boxes::held('sharpener', traits: []);
        self::assertSame(['age.small-parts'], Boxes::ids(new SmallParts, '2-3', $sharpener));
        self::assertSame([], Boxes::ids(new SmallParts, '4-7', $sharpener));
        // The kind is large, but a part of it comes off: a wheel of 10 by 6.
        self::assertSame(['age.small-parts'], Boxes::ids(new SmallParts, '1-4', Boxes::held('toy-car', traits: [])));
        // 43 x 18 x 12 stands out by little; measured it is fine, unmeasured it may be smaller.
        self::assertSame([], Boxes::ids(new SmallParts, '2-3', Boxes::held('eraser', mm: [60, 20, 14], traits: [])));
        $eraser = Boxes::held('eraser')->thing;
        $thin = new Thing($eraser->kind, 'X', new Measures(Size::ofMm(50, 18, 12)), [], null, Inside::nothing());
        $near = (new SmallParts)->findings(Boxes::of('2-3', new Held('x', $thin)));
        self::assertSame(['measure.near-the-cylinder', false], [$near[0]->id, $near[0]->canBeOverruled]);
        self::assertSame([], Boxes::ids(new SmallParts, '2-3', Boxes::held('socks', mm: [20, 15, 10])));
    }

    /** @param list<string> $found */
    #[DataProvider('edges')]
    public function test_a_public_figure_is_kept_to_its_edge(Rule $rule, string $band, Held $held, array $found): void
    {
        self::assertSame($found, Boxes::ids($rule, $band, $held));
    }

    /** @return iterable<string, array{Rule, string, Held, list<string>}> */
    public static function edges(): iterable
    {
        $ball = static fn (float $mm): Held => Boxes::held('bouncy-ball', mm: [$mm, $mm, $mm]);
        yield 'a ball of 44.4 mm' => [new SmallBalls, '2-3', $ball(44.4), ['age.small-ball']];
        yield 'a ball of 44.5 mm' => [new SmallBalls, '2-3', $ball(44.5), []];
        yield 'marbles among the youngest of an older guide' => [
            new SmallBalls, '1-4', Boxes::held('marbles'), ['age.small-ball'],
        ];
        yield 'a small ball for the middle band' => [new SmallBalls, '4-7', $ball(30), []];
        yield 'a cord of 200 mm' => [new LongCords, '2-3', Boxes::held('bracelet'), []];
        yield 'a rope' => [new LongCords, '2-3', Boxes::held('skipping-rope', band: '2-3'), ['age.long-cord']];
        yield 'a rope cut short' => [
            new LongCords, '2-3', Boxes::held('skipping-rope', done: [Task::ShortenCord], band: '2-3'), [],
        ];
        yield 'a rope for an older child' => [new LongCords, '4-7', Boxes::held('skipping-rope'), []];
        yield 'a cord nobody measured' => [
            new LongCords, '2-3', Boxes::held('washcloth', traits: [ItemTrait::Cord]), ['measure.cord'],
        ];
        yield 'balloons at seven' => [Boxes::rule('age.balloon'), '4-7', Boxes::held('balloons'), ['age.balloon']];
        yield 'balloons at eight' => [Boxes::rule('age.balloon'), '8-12', Boxes::held('balloons'), []];
        yield 'magnets at thirteen' => [
            Boxes::rule('age.magnet'), '9-13', Boxes::held('toy-car', traits: [ItemTrait::Magnet]), ['age.magnet'],
        ];
        yield 'a button cell at seven' => [
            Boxes::rule('age.button-cell'), '4-7', Boxes::held('calculator'), ['age.button-cell'],
        ];
        yield 'a button cell at eight' => [Boxes::rule('age.button-cell'), '8-12', Boxes::held('calculator'), []];
        yield 'a cap at two' => [Boxes::rule('age.cap'), '2-3', Boxes::held('pens'), ['age.cap']];
        yield 'a cap at four' => [Boxes::rule('age.cap'), '4-7', Boxes::held('pens'), []];
        yield 'a hood with a string' => [
            Boxes::rule('age.neck-cord'), '8-12', Boxes::held('hoodie'), ['age.neck-cord'],
        ];
        yield 'a hood without' => [Boxes::rule('age.neck-cord'), '8-12', Boxes::held('hoodie', traits: []), []];
        yield 'a point for the youngest' => [new PointsAndBlades, '2-3', Boxes::held('pencils'), ['age.sharp']];
        yield 'a point for the others' => [
            new PointsAndBlades, '4-7', Boxes::held('pencils'), ['prepare.cover-points'],
        ];
        yield 'a point that is covered' => [
            new PointsAndBlades, '4-7', Boxes::held('pencils', done: [Task::CoverPoints]), [],
        ];
        yield 'a needle at seven' => [new PointsAndBlades, '4-7', Boxes::held('sewing-set'), ['age.sharp']];
        yield 'a needle at eight' => [new PointsAndBlades, '8-12', Boxes::held('sewing-set'), ['prepare.cover-points']];
        yield 'bagged soap for the youngest' => [
            new BagsOfOurs, '2-3', Boxes::held('soap', band: '2-3'), ['age.bags-of-ours'],
        ];
        yield 'bagged soap for the others' => [new BagsOfOurs, '4-7', Boxes::held('soap'), []];
        yield 'a stacking toy at eight' => [
            new RightForThisAge, '8-12', Boxes::held('stacking-toy'), ['age.not-for-this-age'],
        ];
        yield 'a puzzle with large pieces at two' => [
            new RightForThisAge, '2-3', Boxes::held('puzzle-large-pieces'), [],
        ];
        yield 'a jump of age that half the band has' => [new RightForThisAge, '4-7', Boxes::held('yo-yo'), []];
    }

    public function test_a_guide_that_says_it_itself_is_not_repeated(): void
    {
        $findings = (Boxes::rule('age.balloon'))->findings(
            new \PluckyWren\Core\Guide\BoxContents(
                \Tests\Core\Data::guide(),
                Boxes::of('4-7')->recipient,
                [Boxes::held('balloons')],
            ),
        );

        self::assertSame([], $findings);
    }
}
