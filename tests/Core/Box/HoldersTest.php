<?php

declare(strict_types=1);

namespace Tests\Core\Box;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Box\FitProblem;
use PluckyWren\Core\Box\Holders;
use PluckyWren\Core\Box\PieceChoices;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Check\Validator;
use PluckyWren\Core\Fit\Solve\CornerSolver;
use PluckyWren\Core\Guide\NeedState;

/** What may ride in what, and what a piece is said to count as. */
final class HoldersTest extends TestCase
{
    #[DataProvider('pairs')]
    public function test_what_goes_into_what(string $rider, int $count, string $holder, ?string $why): void
    {
        $plan = Plans::of(null, Plans::piece($rider, $count, null), Plans::piece($holder, 1, null, 'holder'));
        [$one, $other] = $plan->pieces;

        self::assertSame($why, (new Holders($plan))->refusal($one, $other));
    }

    /** @return iterable<string, array{string, int, string, string|null}> */
    public static function pairs(): iterable
    {
        yield 'pencils into a pencil case' => ['pencils', 8, 'pencil-case', null];
        yield 'a pencil into a coil' => ['pencils', 1, 'notebook-coil', null];
        yield 'two pencils into a coil' => ['pencils', 2, 'notebook-coil', 'no-room'];
        yield 'a T-shirt into a tub' => ['t-shirt', 1, 'tub-large', null];
        yield 'a sharpener into a cup' => ['sharpener', 1, 'cup', null];
        yield 'stickers into a notebook' => ['stickers', 1, 'notebook', null];
        yield 'a backpack into a sharpener' => ['backpack-folded', 1, 'sharpener', 'no-hollow'];
        yield 'twenty pairs of socks into a bottle' => ['socks', 20, 'water-bottle', 'no-room'];
        yield 'a soap into a notebook' => ['soap', 1, 'notebook', 'no-hollow'];
        yield 'a colouring book into a notebook' => ['colouring-book', 1, 'notebook', 'no-room'];
    }

    public function test_it_goes_one_deep_and_beside_what_is_there(): void
    {
        $plan = Plans::of(
            null,
            Plans::piece('cup', 1, null),
            Plans::piece('tub-large', 1, null),
            Plans::piece('eraser', 1, null)->choosing(new PieceChoices(into: 'cup')),
            // Pressed, four pairs are 599,000 mm³; the cup holds 308,000.
            Plans::piece('socks', 4, null),
            Plans::piece('sharpener', 1, null),
        );
        [$cup, $tub, $eraser, $socks, $sharpener] = $plan->pieces;
        $holders = new Holders($plan);

        self::assertSame('itself', $holders->refusal($cup, $cup));
        self::assertSame('holds', $holders->refusal($cup, $tub));
        self::assertSame('rides', $holders->refusal($sharpener, $eraser));
        self::assertNull($holders->refusal($sharpener, $cup));
        self::assertSame([$eraser], $holders->ridersOf($cup));
        self::assertSame(['tub-large'], array_map(
            static fn (PlannedPiece $piece): string => $piece->id,
            $holders->likelyFor($socks),
        ));
    }

    public function test_the_fit_engine_is_told(): void
    {
        $plan = Plans::of(
            null,
            Plans::piece('cup', 2, null),
            Plans::piece('eraser', 1, null)->choosing(new PieceChoices(into: 'cup')),
            Plans::piece('soap', 1, null)->choosing(new PieceChoices(into: 'gone')),
        );
        $items = array_column(FitProblem::of($plan)->items, 'into', 'id');

        self::assertSame(['cup' => null, 'eraser' => 'cup#1', 'soap' => null], $items);
    }

    public function test_a_pencil_in_a_coil_is_packed_with_its_book(): void
    {
        $plan = Plans::of(
            null,
            Plans::piece('notebook-coil', 1, null),
            Plans::piece('pencils', 1, null)->choosing(new PieceChoices(into: 'notebook-coil')),
        );
        $problem = FitProblem::of($plan);
        $result = (new CornerSolver)->solve($problem, Budget::ofAttempts(2));

        self::assertSame([], Validator::ofAllRules()->breaches($problem, $result));
        self::assertSame(['pencils' => 'notebook-coil', 'notebook-coil' => null], array_column(
            $result->placements, 'in', 'id',
        ));
    }

    public function test_a_piece_counts_as_what_the_packer_says_and_as_nothing_else(): void
    {
        $filled = static function (PieceChoices $choices): array {
            $plan = Plans::of(null, Plans::piece('plush-small', 1, null)->choosing($choices));
            $states = $plan->guide->needsFilled($plan->recipient, $plan->held())->states;
            $full = array_filter($states, static fn (NeedState $state): bool => $state->isFilled());

            return array_values(array_map(static fn (NeedState $state): string => $state->need->id, $full));
        };

        self::assertSame(['soft-friend'], $filled(new PieceChoices));
        self::assertSame(['lead-gift'], $filled(new PieceChoices('lead-gift')));
        self::assertSame([], $filled(new PieceChoices('no-such-need')));
    }

    public function test_what_leaves_the_plan_no_longer_holds(): void
    {
        $rider = Plans::piece('eraser', 1, null)->choosing(new PieceChoices(into: 'cup'));
        $plan = Plans::of(null, Plans::piece('cup', 1, null), $rider);

        self::assertSame('cup', $plan->pieceIn($rider)?->id);
        $without = $plan->onlyThose(static fn (PlannedPiece $piece): bool => $piece->id !== 'cup');
        self::assertNull($without->pieceIn($rider));
    }
}
