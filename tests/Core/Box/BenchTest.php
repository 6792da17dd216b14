<?php

declare(strict_types=1);

namespace Tests\Core\Box;

use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Box\Bench\Packed;
use PluckyWren\Core\Box\Bench\Press;
use PluckyWren\Core\Box\Bench\Proposal;
use PluckyWren\Core\Box\Bench\Proposals;
use PluckyWren\Core\Box\Bench\Refusal;
use PluckyWren\Core\Fit\Answer\Swap;
use PluckyWren\Core\Fit\Answer\SwapWay;
use PluckyWren\Core\Fit\Answer\Trial;
use PluckyWren\Core\Fit\BoxShape;
use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Cavity;
use PluckyWren\Core\Fit\Check\Validator;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Fit\How;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Moves\Move;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Result;
use PluckyWren\Core\Fit\Solve\CornerSolver;
use PluckyWren\Core\Fit\Verdict;
use PluckyWren\Core\Measure\Size;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Fit\RandomProblems;
use Tests\Trouble\Trouble;

/** A box on the bench: what is in stays where it is. */
final class BenchTest extends TestCase
{
    public function test_what_is_in_follows_from_the_presses(): void
    {
        $packed = Packed::after([
            Press::in([self::lies('a', 9, 0, 0)]),
            Press::in([self::lies('b#1', 4, 1000, 0), self::lies('b#2', 4, 1500, 0)]),
            Press::in([self::lies('c', 2, 2000, 0)]),
            Press::out(['a']),
        ]);

        self::assertSame(['b#1' => 1, 'b#2' => 1, 'c' => 2], array_column($packed->placements, 'step', 'id'));
        self::assertSame(['c'], $packed->last());
        self::assertTrue($packed->isIn('b#2'));
        self::assertFalse($packed->isIn('a'));
        self::assertSame([], Packed::after([Press::in([self::lies('a', 1, 0, 0)]), Press::out(['a'])])->last());
    }

    public function test_a_piece_goes_in_once_what_it_lies_on_is_in(): void
    {
        $book = self::lies('book', 1, 0, 0);
        $car = self::lies('car', 2, 1000, 0);
        $tin = self::lies('tin', 3, 0, 100);
        $plan = Move::of([$book, $car, $tin]);
        $none = Packed::after([]);

        self::assertSame([true, true, false], array_map(
            static fn (Move $move): bool => $none->allows($move, ...$plan),
            $plan,
        ));
        self::assertTrue(Packed::after([Press::in([$book])])->allows($plan[2], ...$plan));
        // Nothing lies on the tin nor on the car, so that either can come out again.
        self::assertSame(
            ['tin', 'car'],
            array_map(
                static fn (Move $move): string => $move->first()->id,
                Packed::after([Press::in([$book]), Press::in([$car]), Press::in([$tin])])->free(),
            ),
        );
    }

    public function test_of_many_refusals_each_has_a_way_on_that_the_validator_accepts(): void
    {
        $elsewhere = $out = $refusals = 0;
        $many = Trouble::times(150, 1_000);
        for ($seed = 1; $refusals < $many; $seed++) {
            $random = new Randomizer(new Mt19937($seed));
            $problem = RandomProblems::number($seed);
            $plan = (new CornerSolver)->solve($problem, Budget::ofAttempts(1), $seed);
            $moves = Move::of($plan->placements);
            if ($moves === [] || $plan->leftOut !== []) {
                continue;
            }
            for ($time = 0; $time < 3; $time++) {
                $at = $random->getInt(0, count($moves) - 1);
                $packed = Packed::after(array_map(
                    static fn (Move $move): Press => Press::in($move->placements),
                    array_slice($moves, 0, $at),
                ));
                $refused = $moves[$at]->first();
                $item = explode('#', $refused->id)[0];
                $proposals = (new Proposals(new Trial(new CornerSolver, static fn (): Budget => Budget::ofAttempts(1))))
                    ->for(
                        $problem, $packed, $item, $refused->parts[0], Refusal::cases()[$random->getInt(0, 3)],
                        $random->getInt(0, 1) === 0 ? [] : $plan->placements,
                    );
                $refusals++;
                self::assertContains('behind', array_column($proposals, 'way'));
                foreach ($proposals as $proposal) {
                    $this->assertHolds(
                        $problem, $packed, $item, $proposal->way, $proposal->out, $proposal->plan, $seed,
                    );
                    $elsewhere += $proposal->way === 'elsewhere' ? 1 : 0;
                    $out += $proposal->way === 'out' ? 1 : 0;
                }
            }
        }
        self::assertGreaterThan(25, $elsewhere);
        self::assertGreaterThan(10, $out);
    }

    public function test_what_is_left_behind_leaves_the_rest_where_it_was_to_go_unless_something_lay_on_it(): void
    {
        $box = BoxShape::straight('box', 2000, 1000, 500, 0);
        $problem = new Problem($box, array_map(
            static fn (string $id): Item => new Item($id, $id, new Size(500, 500, 100), Form::Rigid),
            ['book', 'car', 'tin'],
        ));
        // The tin lies on the car; the book is in, far from where a solver would lay it.
        $book = self::lies('book', 1, 700, 0);
        $plan = [$book, self::lies('car', 2, 1300, 0), self::lies('tin', 3, 1300, 100)];
        $packed = Packed::after([Press::in([$book])]);
        $behind = static fn (string $item): array => array_column(
            (new Proposals(new Trial(new CornerSolver, static fn (): Budget => Budget::ofAttempts(1))))
                ->for($problem, $packed, $item, $plan[1]->parts[0], Refusal::Unliked, $plan),
            null,
            'way',
        )['behind']->plan->placements;

        self::assertEquals([$book, $plan[1]->withStep(3)], $behind('tin'));
        self::assertTrue(Verdict::Snug->isBetterThan(Verdict::Tight));
        self::assertFalse(Verdict::Open->isBetterThan(Verdict::Tight), 'no band at all is no better');
        $others = $behind('car');
        self::assertSame(['book', 'tin'], array_column($others, 'id'));
        self::assertSame(0, $others[1]->parts[0]->z);
    }

    public function test_a_smaller_one_and_what_rides_in_it_loose_are_proposed_where_all_goes_in_then(): void
    {
        $box = BoxShape::straight('box', 2000, 1000, 500, 0);
        $problem = new Problem($box, [
            new Item('book', 'book', new Size(2000, 1000, 100), Form::Rigid),
            new Item('cup', 'cup', new Size(600, 600, 600), Form::Rigid, cavity: Cavity::block(500, 500, 550)),
            new Item('car', 'car', new Size(400, 300, 200), Form::Rigid, into: 'cup'),
        ]);
        $packed = Packed::after([Press::in([
            new Placement('book', 1, null, How::Flat, 0.0, [new Part(0, 0, 0, 2000, 1000, 100)]),
        ])]);
        $proposals = new Proposals(new Trial(new CornerSolver, static fn (): Budget => Budget::ofAttempts(5)));
        $cup = static fn (int $height, string $lot): Swap => new Swap(
            SwapWay::Smaller,
            new Item('cup', 'cup', new Size(600, 600, $height), Form::Rigid, cavity: Cavity::block(500, 500, 350)),
            "cup of {$height}",
            $lot,
        );

        // The cup is higher than what is left above the book, whatever is in it; one of 400 is not.
        $found = $proposals->further($problem, $packed, 'cup', [$cup(450, 'tall'), $cup(400, 'small')]);
        self::assertSame([['smaller', 'small']], array_map(
            static fn (Proposal $proposal): array => [$proposal->way, $proposal->swap?->lot],
            $found,
        ));
        self::assertSame([], Validator::ofAllRules()->breaches(
            $packed->around($problem->with($cup(400, 'small')->instead)), $found[0]->plan,
        ));

        // Nothing of it may be in already.
        $isIn = Packed::after([Press::in([
            new Placement('cup', 1, null, How::Flat, 0.0, [new Part(0, 0, 0, 600, 600, 400)]),
        ])]);
        self::assertSame([], $proposals->further($problem, $isIn, 'cup', [$cup(400, 'small')]));
    }

    private function assertHolds(
        Problem $problem,
        Packed $packed,
        string $item,
        string $way,
        ?string $out,
        Result $plan,
        int $seed,
    ): void {
        $whole = $way === 'behind' ? $packed->leavingBehind($problem, $item) : $problem;
        foreach ($out === null ? [] : $packed->free() as $move) {
            if ($move->first()->id === $out) {
                $packed = $packed->without($move);
            }
        }
        $left = $packed->around($whole);
        $packed = $packed->calledAsIn($whole);
        self::assertSame([], Validator::ofAllRules()->breaches($left, $plan), "seed {$seed}, {$way}");
        foreach ($packed->placements as $placement) {
            self::assertContainsEquals($placement, $plan->placements, "seed {$seed}: what is in has moved");
        }
        $way === 'behind' || self::assertSame([], $plan->leftOut);
    }

    private static function lies(string $id, int $step, int $x, int $z): Placement
    {
        return new Placement($id, $step, null, How::Flat, 0.0, [new Part($x, 0, $z, 500, 500, 100)]);
    }
}
