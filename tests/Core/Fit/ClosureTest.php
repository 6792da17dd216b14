<?php

declare(strict_types=1);

namespace Tests\Core\Fit;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Closure;
use PluckyWren\Core\Fit\ClosureOf;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Verdict;
use PluckyWren\Core\Measure\Size;

final class ClosureTest extends TestCase
{
    #[DataProvider('lids')]
    public function test_the_thresholds_are_those_of_the_model(
        float $proud,
        float $press,
        float $dome,
        Verdict $verdict,
        int $bands,
    ): void {
        $closure = Closure::measured($proud, $press, $dome, bulgeMm: 8);

        self::assertSame($verdict, $closure->verdict);
        self::assertSame($bands, $closure->verdict->bands());
    }

    /** @return iterable<string, array{float, float, float, Verdict, int}> */
    public static function lids(): iterable
    {
        yield 'a millimetre proud is flat' => [1.0, 0.9, 0.0, Verdict::Flat, 1];
        yield 'a little more, half pressed, half the bulge' => [1.1, 0.5, 4.0, Verdict::Snug, 2];
        yield 'pressed more' => [1.1, 0.51, 0.0, Verdict::Tight, 3];
        yield 'domed more' => [5.0, 0.0, 4.1, Verdict::Tight, 3];
        yield 'over the bulge' => [9.0, 0.0, 8.1, Verdict::Open, 0];
    }

    public function test_it_adds_up_what_gives_in_a_column(): void
    {
        // Two bears of 130 at rest, each pressed to 100 and able to go to 65: rests at 260 over a rim of 210.
        $bear = new Item('bear', 'Bear', Size::ofMm(160, 120, 130), Form::Soft, squeeze: 0.5);
        $lies = static fn (string $id, int $step, int $z): Placement => new Placement(
            $id,
            $step,
            null,
            How::Pressed,
            0.0,
            [new Part(0, 0, $z, 1600, 1200, 1000)],
        );
        $closure = ClosureOf::packing(
            BoxShape::straight('Box', 2000, 1500, 2100, 80),
            [$lies('a', 1, 0), $lies('b', 2, 1000)],
            ['a' => $bear, 'b' => $bear],
        );

        self::assertSame(50.0, $closure->proudMm);
        self::assertEqualsWithDelta(60 / 130, $closure->press, 0.001);
        self::assertSame(0.0, $closure->domeMm);
        self::assertSame(Verdict::Snug, $closure->verdict);
    }

    public function test_a_folded_cloth_rests_higher_than_it_is_pressed(): void
    {
        // 240 x 150 x 50 is 1 800 000 mm3; on 200 x 100 it rests 90 high and may be pressed to 54.
        $shirt = new Item('shirt', 'Shirt', Size::ofMm(240, 150, 50), Form::Cloth, squeeze: 0.6);
        $closure = ClosureOf::packing(
            BoxShape::straight('Box', 3180, 1960, 800, 80),
            [new Placement('shirt', 1, null, How::Refolded, 0.0, [new Part(0, 0, 0, 2000, 1000, 720)])],
            ['shirt' => $shirt],
        );

        self::assertSame(10.0, $closure->proudMm);
        self::assertEqualsWithDelta(18 / 36, $closure->press, 0.001);
        self::assertSame(Verdict::Snug, $closure->verdict);
    }

    public function test_an_empty_box_closes_flat(): void
    {
        self::assertSame(
            Verdict::Flat,
            ClosureOf::packing(BoxShape::straight('Box', 2000, 1500, 1000, 0), [], [])->verdict,
        );
    }

    public function test_the_inside_of_a_tapering_box_is_a_prismoid(): void
    {
        $tub = new BoxShape('Tub', 3180, 1960, 2820, 1600, 1120, 40);

        // Half-way up 300 x 178: (318 x 196 + 4 x 300 x 178 + 282 x 160) / 6 x 112 = 5 992 896 mm3, times 1000 for
        // tenths.
        self::assertEqualsWithDelta(5_992_896_000.0, $tub->volume(), 1.0);
        self::assertSame([180.0, 180.0], $tub->insetAt(0));
        self::assertSame([90.0, 90.0], $tub->insetAt(560));
        self::assertSame([0.0, 0.0], $tub->insetAt(2000));
        self::assertSame([90, 90, 3090, 1870], $tub->freeBetween(560, 400));
        self::assertSame(
            [3000, 1780, 560],
            [$tub->raisedTo(560)->floorLength, $tub->raisedTo(560)->floorWidth, $tub->raisedTo(560)->height],
        );
    }
}
