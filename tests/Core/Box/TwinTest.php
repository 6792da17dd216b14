<?php

declare(strict_types=1);

namespace Tests\Core\Box;

use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Box\Bench\Twin;
use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Cavity;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Measure\Size;

/** Two boxes with the same things in them. */
final class TwinTest extends TestCase
{
    public function test_a_layout_goes_for_a_twin_with_its_pieces_called_as_there(): void
    {
        $placements = [
            new Placement('b', 1, 'a#2', How::Nested, 0.0, [new Part(0, 0, 0, 30, 20, 20)]),
            new Placement('a#2', 2, null, How::Flat, 0.0, [new Part(0, 0, 0, 100, 100, 80)]),
            new Placement('a#1', 3, null, How::Flat, 0.0, [new Part(200, 0, 0, 100, 100, 80)]),
        ];
        $layout = Twin::layout($this->problem('x', 'y'), $this->problem('a', 'b'), $placements);

        self::assertEquals([
            new Placement('y', 1, 'x#2', How::Nested, 0.0, [new Part(0, 0, 0, 30, 20, 20)]),
            new Placement('x#2', 2, null, How::Flat, 0.0, [new Part(0, 0, 0, 100, 100, 80)]),
            new Placement('x#1', 3, null, How::Flat, 0.0, [new Part(200, 0, 0, 100, 100, 80)]),
        ], $layout);
        // What was left behind there would be left behind here.
        self::assertNull(Twin::layout($this->problem('x', 'y'), $this->problem('a', 'b'), array_slice($placements, 1)));
    }

    public function test_what_differs_is_no_twin(): void
    {
        $mine = $this->problem('x', 'y');
        foreach ([
            'a larger box' => $this->problem('a', 'b', box: 1100),
            'a larger cup' => $this->problem('a', 'b', cup: 90),
            'one cup fewer' => $this->problem('a', 'b', cups: 1),
            'the car beside the cup' => $this->problem('a', 'b', into: null),
            'the car in the other cup' => $this->problem('a', 'b', into: 'a#1'),
        ] as $what => $theirs) {
            self::assertNull(Twin::layout($mine, $theirs, []), $what);
        }
    }

    private function problem(
        string $a,
        string $b,
        int $box = 1000,
        int $cup = 80,
        int $cups = 2,
        ?string $into = 'a#2',
    ): Problem {
        return new Problem(BoxShape::straight('box', $box, 500, 300, 0), [
            new Item($a, 'cup', new Size(100, 100, $cup), Form::Rigid, $cups, cavity: Cavity::block(90, 90, 70)),
            new Item($b, 'car', new Size(30, 20, 20), Form::Rigid, into: $into === null
                ? null
                : $a.substr($into, 1)),
        ]);
    }
}
