<?php

declare(strict_types=1);

namespace Tests\Core\Fit;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Reach;
use PluckyWren\Core\Fit\Whereabouts;

final class WhereaboutsTest extends TestCase
{
    /** @param non-empty-list<Part> $parts */
    #[DataProvider('places')]
    public function test_it_tells_where_a_piece_lies(
        array $parts,
        float $angle,
        Reach $leftToRight,
        Reach $frontToBack,
        bool $isOnFloor,
    ): void {
        $where = Whereabouts::of(
            new Placement('p', 1, null, How::Flat, $angle, $parts),
            BoxShape::straight('Box', 3180, 1960, 1120, 80),
        );

        self::assertSame(
            [$leftToRight, $frontToBack, $isOnFloor],
            [$where->leftToRight, $where->frontToBack, $where->isOnFloor],
        );
    }

    /** @return iterable<string, array{non-empty-list<Part>, float, Reach, Reach, bool}> */
    public static function places(): iterable
    {
        yield 'soap in the front left corner' => [
            [new Part(0, 0, 0, 920, 600, 300)], 0.0, Reach::Near, Reach::Near, true,
        ];
        yield 'soap at the back right, on something' => [
            [new Part(2260, 1360, 300, 920, 600, 300)], 0.0, Reach::Far, Reach::Far, false,
        ];
        yield 'a ruler along the back' => [[new Part(40, 1900, 0, 3100, 30, 300)], 0.0, Reach::Whole, Reach::Far, true];
        yield 'a ball in the middle' => [
            [new Part(1090, 480, 0, 1000, 1000, 1000)], 0.0, Reach::Middle, Reach::Middle, true,
        ];
        yield 'a stick corner to corner: 340 turned by 27 degrees spans 316 x 181' => [
            [new Part(-110, 830, 0, 3400, 300, 30)], 27.0, Reach::Whole, Reach::Whole, true,
        ];
        yield 'a book on the floor and up the back wall' => [
            [new Part(0, 0, 0, 1000, 1900, 60), new Part(0, 1900, 0, 1000, 60, 200)],
            0.0,
            Reach::Near,
            Reach::Whole,
            true,
        ];
    }
}
