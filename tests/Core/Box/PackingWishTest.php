<?php

declare(strict_types=1);

namespace Tests\Core\Box;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Box\FitProblem;
use PluckyWren\Core\Box\Packing\Lies;
use PluckyWren\Core\Box\Packing\PackingWish;
use PluckyWren\Core\Box\Packing\WishFields;
use PluckyWren\Core\Box\PieceChoices;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Fit\Answer\PartingSolver;
use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Check\Validator;
use PluckyWren\Core\Fit\Files\Fields;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Moves\Beneath;
use PluckyWren\Core\Fit\Moves\Shifted;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Solve\CornerSolver;
use PluckyWren\Core\Measure\Size;

/** Boxes packed her own way: 318 x 196 x 112 mm. */
final class PackingWishTest extends TestCase
{
    /** @param array{int, int, int, int, int, int} $part x, y, z, l, w, h in tenths of a notebook of 210 x 148 x 9 mm */
    #[DataProvider('walls')]
    public function test_a_piece_lies_where_it_was_wanted(Lies $lies, array $part): void
    {
        $problem = FitProblem::of(Plans::of(
            null,
            Plans::piece('soap', 1, null),
            self::wished(Plans::piece('notebook', 1, null), new PackingWish(lies: $lies)),
        ));
        $result = (new CornerSolver)->solve($problem, Budget::ofAttempts(4));
        $placed = array_column($result->placements, null, 'id')['notebook']->parts[0];

        self::assertSame($part, [$placed->x, $placed->y, $placed->z, $placed->l, $placed->w, $placed->h]);
        self::assertSame([], Validator::ofAllRules()->breaches($problem, $result));
    }

    /** @return iterable<string, array{Lies, array{int, int, int, int, int, int}}> */
    public static function walls(): iterable
    {
        // Standing it would be 148 high in a box of 112, and the left wall is 196 long: it lies.
        yield 'left' => [Lies::Left, [0, 480, 0, 2100, 1480, 90]];
        yield 'back' => [Lies::Back, [0, 480, 0, 2100, 1480, 90]];
        yield 'at the bottom' => [Lies::Bottom, [0, 480, 0, 2100, 1480, 90]];
    }

    public function test_what_is_kept_where_it_is_stays_there_with_what_it_lies_on(): void
    {
        $problem = FitProblem::of(Plans::of(null, Plans::piece('notebook', 1, null), Plans::piece('soap', 1, null)));
        $pinned = [
            new Placement('notebook', 3, null, How::Flat, 0.0, [new Part(500, 0, 0, 2100, 1480, 90)]),
            new Placement('soap', 7, null, How::Flat, 0.0, [new Part(600, 100, 90, ...self::sides($problem, 'soap'))]),
        ];
        $wish = static fn (string $kind, Placement $where): PlannedPiece => self::wished(
            Plans::piece($kind, 1, null),
            new PackingWish(pinned: [$where]),
        );
        $again = FitProblem::of(Plans::of(null, $wish('notebook', $pinned[0]), $wish('soap', $pinned[1])));

        self::assertEquals([$pinned[0]->withStep(1), $pinned[1]->withStep(2)], $again->pinned);
        self::assertSame(['notebook', 'soap'], array_column(Beneath::with('soap', $pinned), 'id'));
        self::assertSame(['notebook'], array_column(Beneath::with('notebook', $pinned), 'id'));
        // The soap alone would float: it is let go.
        self::assertSame([], FitProblem::of(Plans::of(null, $wish('soap', $pinned[1])))->pinned);
        // So it is once the notebook is another.
        self::assertSame([], FitProblem::of(Plans::of(
            null, self::wished(Plans::piece('letter', 1, null, 'notebook'), new PackingWish(pinned: [$pinned[0]])),
        ))->pinned);
    }

    public function test_a_step_goes_earlier_as_far_as_what_lies_beneath_lets_it(): void
    {
        $lies = static fn (string $id, int $step, int $x, int $z, ?string $in = null): Placement => new Placement(
            $id, $step, $in, How::Flat, 0.0, [new Part($x, 0, $z, 500, 500, 100)],
        );
        $placements = [
            $lies('book', 1, 0, 0), $lies('car', 2, 1000, 0), $lies('sock', 3, 0, 0, 'cup'), $lies('cup', 4, 2000, 0),
            $lies('tin', 5, 0, 100),
        ];
        self::assertSame('book car sock cup tin', self::order($placements, []));
        self::assertSame('book car sock tin cup', self::order($placements, ['tin' => -1]));
        self::assertSame(
            'book tin car sock cup',
            self::order($placements, ['tin' => -9]),
            'not before the book that it lies on',
        );
        self::assertSame('book car sock cup tin', self::order($placements, ['cup' => -2]), 'not before it is filled');
        self::assertSame('car book sock cup tin', self::order($placements, ['book' => 1]));
        self::assertSame([1, 2, 3, 4, 5], array_column(Shifted::order($placements, ['tin' => -1]), 'step'));
    }

    /**
     * @param  list<Placement>  $placements
     * @param  array<string, int>  $shifts
     */
    private static function order(array $placements, array $shifts): string
    {
        return implode(' ', array_column(Shifted::order($placements, $shifts), 'id'));
    }

    public function test_bundles_are_parted_only_where_the_box_would_not_close_otherwise(): void
    {
        // In the middle of a box of 100 x 100 x 10 stands a block: one of 60 leaves 20 on either side, one of 20 leaves
        // 40.
        $sticks = new Item('stick', 'Stick', Size::ofMm(100, 10, 10), Form::Rigid, 4, together: true);
        $steps = static function (int $broad) use ($sticks): array {
            $block = new Item('block', 'Block', Size::ofMm(100, $broad, 10), Form::Rigid);
            $stands = new Placement('block', 1, null, How::Flat, 0.0, [
                new Part(0, 500 - 5 * $broad, 0, 1000, 10 * $broad, 100),
            ]);
            $result = (new PartingSolver(new CornerSolver))->solve(
                new Problem(BoxShape::straight('Box', 1000, 1000, 100, 0), [$sticks, $block], pinned: [$stands]),
                Budget::ofAttempts(8),
            );

            return array_count_values(array_column(array_filter(
                $result->placements,
                static fn (Placement $placement): bool => $placement->id !== 'block',
            ), 'step'));
        };

        self::assertSame([2 => 4], $steps(20), 'all four in one move');
        self::assertSame([2 => 2, 3 => 2], $steps(60), 'two here, two there');
    }

    public function test_wishes_are_written_and_read_again(): void
    {
        $wish = new PackingWish(false, Lies::Top, true, -2, [
            new Placement('a', 1, null, How::Flat, 0.0, [new Part(0, 0, 0, 10, 20, 35)]),
        ]);

        self::assertEquals($wish, WishFields::read(Fields::ofArray(WishFields::write($wish), 'wish')));
        self::assertSame([], WishFields::write(new PackingWish));
        self::assertTrue((new PackingWish)->isNothing());
    }

    private static function wished(PlannedPiece $piece, PackingWish $wish): PlannedPiece
    {
        return $piece->choosing(new PieceChoices(packing: $wish));
    }

    /** @return array{int, int, int} */
    private static function sides(Problem $problem, string $id): array
    {
        $size = $problem->singles()[$id]->size;

        return [$size->length, $size->width, $size->height];
    }
}
