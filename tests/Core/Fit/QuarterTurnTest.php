<?php

declare(strict_types=1);

namespace Tests\Core\Fit;

use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Drawing\Layers;
use PluckyWren\Core\Fit\Drawing\QuarterTurn;
use PluckyWren\Core\Fit\Geometry\Footprint;
use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Solve\CornerSolver;

final class QuarterTurnTest extends TestCase
{
    public function test_a_part_at_the_left_front_goes_round_the_corners(): void
    {
        $box = BoxShape::straight('Box', 3000, 2000, 1000, 0);
        $part = new Placement('a', 1, null, How::Flat, 0.0, [new Part(0, 0, 50, 400, 300, 100)]);
        $turned = static fn (int $quarters): array => array_map(
            static fn (Part $part): array => [$part->x, $part->y, $part->z, $part->l, $part->w, $part->h],
            (new QuarterTurn($quarters))->placements($box, [$part])[0]->parts,
        )[0];

        // Anticlockwise, the left front corner becomes the right front, the right back, the left back.
        self::assertSame([1700, 0, 50, 300, 400, 100], $turned(1));
        self::assertSame([2600, 1700, 50, 400, 300, 100], $turned(2));
        self::assertSame([0, 2600, 50, 300, 400, 100], $turned(3));
        self::assertSame([0, 0, 50, 400, 300, 100], $turned(4));
        self::assertSame(
            [2000, 3000],
            [(new QuarterTurn(1))->box($box)->topLength, (new QuarterTurn(1))->box($box)->topWidth],
        );
    }

    /** Turned by any quarter, what shares a place in plan shares as much of it, corner to corner too. */
    public function test_turning_keeps_everything_where_it_is_to_one_another(): void
    {
        for ($seed = 1; $seed <= 25; $seed++) {
            $problem = RandomProblems::number($seed);
            $placements = array_values(
                array_filter(
                    (new CornerSolver)->solve($problem, Budget::ofAttempts(2))->placements,
                    static fn (Placement $placement): bool => ! $placement->isNested(),
                ),
            );
            $turned = (new QuarterTurn(1 + $seed % 3))->placements($problem->box, $placements);
            foreach ($placements as $i => $one) {
                foreach ($placements as $j => $other) {
                    $shared = Footprint::of($one->parts[0], $one->angle)->sharedArea(
                        Footprint::of($other->parts[0], $other->angle),
                    );
                    self::assertEqualsWithDelta(
                        $shared,
                        Footprint::of($turned[$i]->parts[0], $turned[$i]->angle)->sharedArea(
                            Footprint::of($turned[$j]->parts[0], $turned[$j]->angle),
                        ),
                        5.0,
                        "seed {$seed}",
                    );
                }
            }
        }
    }

    public function test_layers_start_about_level_and_lose_nothing(): void
    {
        $at = static fn (string $id, int $z): Placement => new Placement(
            $id,
            1,
            null,
            How::Flat,
            0.0,
            [new Part(0, 0, $z, 10, 10, 10)],
        );
        $inside = new Placement('n', 1, 'a', How::Nested, 0.0, [new Part(0, 0, 0, 5, 5, 5)]);
        $layers = Layers::of([$at('c', 600), $at('a', 0), $inside, $at('b', 250), $at('d', 251)]);

        self::assertSame(
            [['a', 'b'], ['d'], ['c']],
            array_map(static fn (array $layer): array => array_column($layer, 'id'), $layers),
        );
    }
}
