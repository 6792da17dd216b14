<?php

declare(strict_types=1);

namespace Tests\Core\Fit;

use Closure;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Check\Validator;
use PluckyWren\Core\Fit\Closure as Lid;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\LeftOut;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Reason;
use PluckyWren\Core\Fit\Result;
use PluckyWren\Core\Fit\Solve\CornerSolver;
use PluckyWren\Core\Fit\Verdict;
use PluckyWren\Core\Measure\Size;

/** A valid packing, spoilt in one way at a time: each is noticed. */
final class ValidatorMutationTest extends TestCase
{
    /** @param Closure(Result): Result $spoil */
    #[DataProvider('mutations')]
    public function test_it_notices(Closure $spoil, string $says): void
    {
        $problem = self::problem();
        $valid = (new CornerSolver)->solve($problem, Budget::ofAttempts(6));
        self::assertSame([], Validator::ofAllRules()->breaches($problem, $valid));

        self::assertMatchesRegularExpression(
            $says,
            implode(' ', Validator::ofAllRules()->breaches($problem, $spoil($valid))),
        );
    }

    /** @return iterable<string, array{Closure(Result): Result, string}> */
    public static function mutations(): iterable
    {
        yield 'a piece forgotten' => [
            static fn (Result $result): Result => self::with($result, array_slice($result->placements, 1)),
            '/is told 0 times/',
        ];
        yield 'a piece both in and out' => [
            static fn (Result $result): Result => new Result(
                $result->placements,
                [new LeftOut('soap', Reason::NoRoom)],
                $result->closure,
                $result->fill,
            ),
            '/soap is told 2 times/',
        ];
        yield 'a stranger' => [
            static fn (Result $result): Result => new Result(
                $result->placements,
                [new LeftOut('hat', Reason::NoRoom)],
                $result->closure,
                $result->fill,
            ),
            '/hat is not in the problem/',
        ];
        yield 'a piece moved into another' => [
            self::moving('soap', static fn (Part $part, Result $result): Part => self::partOf($result, 'tin')),
            '/overlap|does not keep/',
        ];
        yield 'a piece lifted off what carries it' => [
            self::moving(
                'soap',
                static fn (Part $part): Part => new Part($part->x, $part->y, 700, $part->l, $part->w, $part->h),
            ),
            '/soap floats/',
        ];
        yield 'a piece through the wall' => [
            self::moving(
                'soap',
                static fn (Part $part): Part => new Part(-200, $part->y, $part->z, $part->l, $part->w, $part->h),
            ),
            '/soap reaches through a wall/',
        ];
        yield 'a piece below the floor' => [
            self::moving(
                'soap',
                static fn (Part $part): Part => new Part($part->x, $part->y, -20, $part->l, $part->w, $part->h),
            ),
            '/soap is below the floor/',
        ];
        yield 'a piece shrunk' => [
            self::moving(
                'soap',
                static fn (Part $part): Part => new Part(
                    $part->x,
                    $part->y,
                    $part->z,
                    $part->l - 10,
                    $part->w,
                    $part->h,
                ),
            ),
            '/soap does not keep its sides/',
        ];
        yield 'a cloth folded away' => [
            self::moving(
                'shirt',
                static fn (Part $part): Part => new Part($part->x, $part->y, $part->z, $part->l, $part->w, 80),
            ),
            '/shirt (takes less room|has a side)/',
        ];
        yield 'a bear crushed' => [
            self::moving(
                'bear',
                static fn (Part $part): Part => new Part(
                    $part->x,
                    $part->y,
                    $part->z,
                    $part->l,
                    $part->w,
                    intdiv($part->h, 3),
                ),
            ),
            '/bear is pressed further/',
        ];
        yield 'the order turned round' => [
            static fn (Result $result): Result => self::with(
                $result,
                array_map(
                    static fn (Placement $placement): Placement => $placement->withStep(100 - $placement->step),
                    $result->placements,
                ),
            ),
            '/goes in after it/',
        ];
        yield 'a better lid than there is' => [
            static fn (Result $result): Result => new Result(
                $result->placements,
                $result->leftOut,
                Lid::recorded(Verdict::Tight, 40.0, 0.9, 0.0),
                $result->fill,
            ),
            '/The lid is told tight/',
        ];
        yield 'more fill than there is' => [
            static fn (Result $result): Result => new Result(
                $result->placements,
                $result->leftOut,
                $result->closure,
                0.99,
            ),
            '/The fill is told 0.99/',
        ];
    }

    private static function problem(): Problem
    {
        return new Problem(BoxShape::straight('Box', 3180, 1960, 1120, 80), [
            new Item('card', 'Card', Size::ofMm(300, 180, 4), Form::Sheet),
            new Item('tin', 'Tin', Size::ofMm(150, 100, 60), Form::Rigid),
            new Item('soap', 'Soap', Size::ofMm(92, 60, 30), Form::Rigid),
            new Item('shirt', 'Shirt', Size::ofMm(220, 170, 20), Form::Cloth, squeeze: 0.7),
            new Item('bear', 'Bear', Size::ofMm(150, 100, 80), Form::Soft, squeeze: 0.5),
        ]);
    }

    /**
     * @param  Closure(Part, Result): Part  $move
     * @return Closure(Result): Result
     */
    private static function moving(string $id, Closure $move): Closure
    {
        return static fn (Result $result): Result => self::with($result, array_map(
            static fn (Placement $placement): Placement => $placement->id === $id
                ? new Placement($id, $placement->step, null, $placement->how, 0.0, [
                    $move($placement->parts[0], $result),
                ])
                : $placement,
            $result->placements,
        ));
    }

    private static function partOf(Result $result, string $id): Part
    {
        foreach ($result->placements as $placement) {
            if ($placement->id === $id) {
                return $placement->parts[0];
            }
        }
        self::fail("{$id} is not in the box.");
    }

    /** @param array<array-key, Placement> $placements */
    private static function with(Result $result, array $placements): Result
    {
        return new Result(array_values($placements), $result->leftOut, null, null);
    }
}
