<?php

declare(strict_types=1);

namespace Tests\Core\Box;

use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Box\FitProblem;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Solve\CornerSolver;
use PluckyWren\Core\Stash\Inside;
use PluckyWren\Core\Stash\Thing;
use Tests\Core\Data;

final class FitProblemTest extends TestCase
{
    public function test_weight_and_what_breaks_reach_the_solver(): void
    {
        $items = FitProblem::of(
            Plans::of(
                null,
                Plans::piece('doll', 1, null),
                Plans::piece('soap', 2, null),
                Plans::piece('mirror-small', 1, null),
            ),
        )->items;

        self::assertSame([true, false, true], array_column($items, 'gentle'));
        self::assertSame([250.0, 100.0, 60.0], array_column($items, 'weightG'));
    }

    public function test_a_kit_weighs_the_must_haves_that_are_in_it(): void
    {
        $catalogue = Data::catalogue();
        $bag = Plans::piece('care-bag-filled', 1, null);
        $usual = $bag->thing;
        $filled = new Thing(
            $usual->kind, 'Care bag', $usual->measures, $usual->traits, null,
            // Soap, washcloth and comb are must-haves, plasters are none.
            Inside::ofCounts(['soap' => 1, 'washcloth' => 1, 'comb' => 1, 'plasters' => 1], $catalogue),
        );
        $bag = new PlannedPiece('bag', $filled, 1, $bag->price, $bag->source);
        $plan = Plans::of(null, $bag, Plans::piece('soap', 1, null));
        [$kit, $soap] = FitProblem::of($plan)->items;

        self::assertSame([15.0, true], [$kit->value, $kit->must]);
        self::assertSame([5.0, true], [$soap->value, $soap->must]);
    }

    public function test_every_kind_has_a_weight_and_only_hard_or_faced_things_are_gentle(): void
    {
        foreach (Data::catalogue()->all() as $kind) {
            self::assertGreaterThan(0, $kind->body->grams, $kind->id);
            self::assertTrue(
                ! $kind->handling->isGentle
                    || $kind->handling->form === Form::Rigid
                    || $kind->handling->form === Form::Soft
                    || $kind->handling->form === Form::Sheet,
                $kind->id,
            );
        }
    }

    public function test_nothing_hard_is_packed_upon_a_mirror(): void
    {
        // So many soaps that they lie in layers: 310 x 190 x 110 mm hold three layers of nine.
        $plan = Plans::of(
            null,
            Plans::piece('mirror-small', 2, null),
            Plans::piece('soap', 22, null),
            Plans::piece('toy-car', 6, null),
        );
        $result = (new CornerSolver)->solve(FitProblem::of($plan), Budget::ofAttempts(300));
        $parts = static fn (callable $which): array => array_merge(
            ...array_map(
                static fn (Placement $one): array => $one->parts,
                array_values(array_filter($result->placements, $which)),
            ),
        );
        $mirrors = $parts(static fn (Placement $one): bool => str_starts_with($one->id, 'mirror'));
        $hard = $parts(static fn (Placement $one): bool => ! str_starts_with($one->id, 'mirror'));

        self::assertCount(2, $mirrors);
        self::assertNotEmpty($hard);
        foreach ($mirrors as $mirror) {
            self::assertSame([], array_filter($hard, static fn (Part $part): bool => self::liesOn($part, $mirror)));
        }
    }

    private static function liesOn(Part $upper, Part $lower): bool
    {
        return $upper->z >= $lower->z + $lower->h
            && min($upper->x + $upper->l, $lower->x + $lower->l) > max($upper->x, $lower->x)
            && min($upper->y + $upper->w, $lower->y + $lower->w) > max($upper->y, $lower->y);
    }
}
