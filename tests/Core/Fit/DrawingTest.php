<?php

declare(strict_types=1);

namespace Tests\Core\Fit;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Drawing\Elevation;
use PluckyWren\Core\Fit\Drawing\Look;
use PluckyWren\Core\Fit\Drawing\PaintOrder;
use PluckyWren\Core\Fit\Drawing\Prism;
use PluckyWren\Core\Fit\Drawing\Projection;
use PluckyWren\Core\Fit\Drawing\SceneOf;
use PluckyWren\Core\Fit\Drawing\Shapes\Shapes;
use PluckyWren\Core\Fit\Drawing\Shapes\Stand;
use PluckyWren\Core\Fit\Drawing\Sight;
use PluckyWren\Core\Fit\Geometry\Footprint;
use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Solve\CornerSolver;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class DrawingTest extends TestCase
{
    public function test_nothing_is_painted_over_what_is_in_front_of_it_in_solved_boxes(): void
    {
        for ($seed = 1; $seed <= 24; $seed++) {
            $result = (new CornerSolver)->solve(RandomProblems::number($seed), Budget::ofAttempts(1), $seed);
            $prisms = [];
            foreach ($result->placements as $placement) {
                foreach ($placement->parts as $part) {
                    $prisms[] = new Prism(
                        $placement->id,
                        Footprint::of($part, $placement->angle),
                        $part->z,
                        $part->top(),
                        $placement->angle != 0.0,
                    );
                }
            }
            self::assertPaintedRight($prisms, "seed {$seed}");
        }
    }

    public function test_nothing_is_painted_over_what_is_in_front_of_it_in_boxes_cut_up_without_a_gap(): void
    {
        for ($seed = 1; $seed <= 12; $seed++) {
            $prisms = [];
            foreach (
                self::cutUp(
                    new Part(0, 0, 0, 3180, 1960, 1120),
                    5,
                    new Randomizer(new Mt19937($seed)),
                ) as $number => $part
            ) {
                $prisms[] = self::prism("p{$number}", $part);
            }
            self::assertGreaterThan(10, count($prisms));
            self::assertPaintedRight($prisms, "seed {$seed}");
        }
    }

    public function test_three_sticks_that_hide_one_another_in_a_ring_are_parted_by_a_cut(): void
    {
        $sticks = [
            self::prism('along', new Part(400, 800, 400, 1000, 100, 100)),
            self::prism('across', new Part(700, 0, 300, 100, 1000, 100)),
            self::prism('upright', new Part(600, 500, 300, 100, 100, 1000)),
        ];

        self::assertGreaterThan(3, count((new PaintOrder(new Sight(new Projection)))->sorted($sticks)));
        self::assertPaintedRight($sticks, 'sticks');
    }

    #[TestWith(['along', 'across', 'upright'])]
    #[TestWith(['across', 'upright', 'along'])]
    #[TestWith(['upright', 'along', 'across'])]
    public function test_of_a_ring_that_is_cut_of_which_least_is_lost_and_nothing_beside_the_ring(
        string $least,
        string $more,
        string $most,
    ): void {
        $lost = [$least => 0, $more => 1, $most => 2];
        $stick = static fn (string $id, Part $part): Prism => new Prism(
            $id, Footprint::of($part), $part->z, $part->top(), lostByACut: $lost[$id],
        );
        $pieces = array_count_values(array_column((new PaintOrder(new Sight(new Projection)))->sorted([
            // Hidden by the ring, and in none itself.
            self::prism('behind', new Part(0, 900, 0, 1200, 100, 100)),
            self::prism('below', new Part(0, 0, 0, 1200, 800, 100)),
            $stick('along', new Part(400, 800, 400, 1000, 100, 100)),
            $stick('across', new Part(700, 0, 300, 100, 1000, 100)),
            $stick('upright', new Part(600, 500, 300, 100, 100, 1000)),
        ]), 'piece'));

        self::assertSame([1, 1, 1, 1], [$pieces['behind'], $pieces['below'], $pieces[$more], $pieces[$most]]);
        self::assertGreaterThan(1, $pieces[$least]);
    }

    #[TestWith([1000, 1000, 1000])]
    #[TestWith([1000, 1000, 700])]
    #[TestWith([800, 1000, 900])]
    #[TestWith([1000, 1000, 1000, 90.0])]
    #[TestWith([800, 1000, 900, 90.0])]
    public function test_the_seams_of_a_ball_lie_within_its_outline(
        int $length,
        int $width,
        int $height,
        float $tilt = 33.0,
    ): void {
        $shape = Shapes::of(Look::Ball, new Stand(
            self::prism('ball', new Part(0, 0, 0, $length, $width, $height)),
            new Projection(tiltDegrees: $tilt),
        ));
        self::assertNotNull($shape);
        $outline = $shape->faces[0];
        foreach ($shape->patches as $patch) {
            foreach ($patch->points as [$x, $y]) {
                // The outline has corners, the ball none: a pencil line's breadth.
                self::assertTrue($outline->touches($x, $y, 1.5), "({$x}, {$y}) lies beside the ball.");
            }
        }
    }

    public function test_the_paint_order_keeps_every_piece(): void
    {
        $parts = self::cutUp(new Part(0, 0, 0, 3180, 1960, 1120), 4, new Randomizer(new Mt19937(5)));
        $prisms = array_map(
            static fn (Part $part, int $number): Prism => self::prism("p{$number}", $part),
            $parts,
            array_keys($parts),
        );
        $painted = (new PaintOrder(new Sight(new Projection)))->sorted($prisms);
        $volume = array_sum(
            array_map(
                static fn (Prism $prism): float => $prism->footprint->area() * ($prism->high - $prism->low),
                $painted,
            ),
        );

        self::assertEqualsWithDelta(3180.0 * 1960 * 1120, $volume, 1.0);
    }

    public function test_a_scene_numbers_each_piece_at_most_once_and_stays_in_its_frame(): void
    {
        $placements = array_map(
            static fn (Part $part, int $number): Placement => new Placement(
                "p{$number}",
                $number + 1,
                null,
                How::Flat,
                0.0,
                [$part],
            ),
            $parts = self::cutUp(new Part(0, 0, 0, 3180, 1960, 1120), 4, new Randomizer(new Mt19937(2))),
            array_keys($parts),
        );
        $scene = (new SceneOf)->packing(BoxShape::straight('Box', 3180, 1960, 1120, 80), $placements);
        [$left, $top, $width, $height] = $scene->frame;
        $labelled = [];
        foreach ($scene->prisms as $drawn) {
            if ($drawn->label !== null) {
                self::assertArrayNotHasKey($drawn->prism->piece, $labelled);
                $labelled[$drawn->prism->piece] = true;
            }
            foreach ($drawn->faces as $face) {
                foreach ($face->points as [$x, $y]) {
                    self::assertTrue(
                        $x >= $left - 0.01
                            && $x <= $left + $width + 0.01
                            && $y >= $top - 0.01
                            && $y <= $top + $height + 0.01,
                    );
                }
            }
        }
        self::assertNotSame([], $labelled);
    }

    public function test_from_the_side_the_far_things_come_first_and_the_walls_slant(): void
    {
        $tub = new BoxShape('Tub', 3180, 1960, 2820, 1600, 1120, 40);
        $side = Elevation::of($tub, [
            new Placement('near', 1, null, How::Flat, 0.0, [new Part(200, 200, 0, 1000, 500, 300)]),
            new Placement('far', 2, null, How::Flat, 0.0, [new Part(200, 1000, 0, 2000, 500, 600)]),
            new Placement('inside', 3, 'far', How::Nested, 0.0, [new Part(0, 0, 0, 10, 10, 10)]),
        ]);

        self::assertSame(['far', 'near'], array_column($side->blocks, 'piece'));
        self::assertSame([[0.0, 112.0], [18.0, 0.0], [300.0, 0.0], [318.0, 112.0]], $side->walls);
        self::assertSame(60.0, $side->top());
        self::assertSame([318.0, 112.0], [$side->length(), $side->height()]);
    }

    /**
     * Looks along rays from points on the visible sides towards the eye: whatever such a ray runs into must be painted
     * later.
     *
     * @param  list<Prism>  $prisms
     */
    private static function assertPaintedRight(array $prisms, string $which): void
    {
        $eye = new Projection;
        $towards = [
            $eye->towardsX,
            $eye->towardsY,
            -($eye->towardsX * $eye->downX + $eye->towardsY * $eye->downY) / $eye->downZ,
        ];
        $painted = (new PaintOrder(new Sight($eye)))->sorted($prisms);
        foreach ($painted as $i => $one) {
            foreach (self::pointsOn($one) as $point) {
                foreach (array_slice($painted, 0, $i) as $earlier) {
                    self::assertFalse(
                        $earlier->piece !== $one->piece && self::runsInto($point, $towards, $earlier),
                        "{$which}: {$one->piece} is painted over {$earlier->piece}, which is in front of it.",
                    );
                }
            }
        }
    }

    /**
     * @return list<array{
     *     float, float, float,
     * }> a few millimetres within its outline, on top and half-way up the sides
     */
    private static function pointsOn(Prism $prism): array
    {
        [$x1, $y1, $x2, $y2] = $prism->bounds;
        $points = [];
        foreach ([0.1, 0.5, 0.9] as $along) {
            foreach ([0.1, 0.5, 0.9] as $across) {
                $points[] = [$x1 + $along * ($x2 - $x1), $y1 + $across * ($y2 - $y1), $prism->high];
                if (! $prism->isTurned) {
                    $points[] = [$x1 + $along * ($x2 - $x1), $y1, $prism->low + $across * ($prism->high - $prism->low)];
                    $points[] = [$x2, $y1 + $along * ($y2 - $y1), $prism->low + $across * ($prism->high - $prism->low)];
                }
            }
        }

        return array_values(
            array_filter(
                $points,
                static fn (array $point): bool => ! $prism->isTurned || $prism->footprint->holds($point[0], $point[1]),
            ),
        );
    }

    /**
     * Determine if a ray goes more than a millimetre deep through a prism.
     *
     * @param  array{float, float, float}  $from
     * @param  array{float, float, float}  $towards
     */
    private static function runsInto(array $from, array $towards, Prism $prism): bool
    {
        for ($step = 1; $step < 400; $step++) {
            [$x, $y, $z] = [
                $from[0] + $step * 12 * $towards[0],
                $from[1] + $step * 12 * $towards[1],
                $from[2] + $step * 12 * $towards[2],
            ];
            if ($z > 2600) {
                return false;
            }
            if ($z > $prism->low + 10 && $z < $prism->high - 10 && self::isWellWithin($prism->footprint, $x, $y)) {
                return true;
            }
        }

        return false;
    }

    private static function isWellWithin(Footprint $footprint, float $x, float $y): bool
    {
        foreach ([[10, 0], [-10, 0], [0, 10], [0, -10]] as [$dx, $dy]) {
            if (! $footprint->holds($x + $dx, $y + $dy)) {
                return false;
            }
        }

        return true;
    }

    private static function prism(string $id, Part $part): Prism
    {
        return new Prism($id, Footprint::of($part), $part->z, $part->top());
    }

    /** @return list<Part> */
    private static function cutUp(Part $part, int $times, Randomizer $random): array
    {
        $axis = $random->getInt(0, 2);
        $side = [$part->l, $part->w, $part->h][$axis];
        if ($times === 0 || $side < 240) {
            return [$part];
        }
        $at = $random->getInt(100, $side - 100);
        [$near, $far] = match ($axis) {
            0 => [
                new Part($part->x, $part->y, $part->z, $at, $part->w, $part->h),
                new Part($part->x + $at, $part->y, $part->z, $part->l - $at, $part->w, $part->h),
            ],
            1 => [
                new Part($part->x, $part->y, $part->z, $part->l, $at, $part->h),
                new Part($part->x, $part->y + $at, $part->z, $part->l, $part->w - $at, $part->h),
            ],
            default => [
                new Part($part->x, $part->y, $part->z, $part->l, $part->w, $at),
                new Part($part->x, $part->y, $part->z + $at, $part->l, $part->w, $part->h - $at),
            ],
        };

        return [...self::cutUp($near, $times - 1, $random), ...self::cutUp($far, $times - 1, $random)];
    }
}
