<?php

declare(strict_types=1);

namespace Tests\Core\Box;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Box\FitProblem;
use PluckyWren\Core\Box\Funds;
use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Box\StartingList;
use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\LeftOut;
use PluckyWren\Core\Fit\Solve\CornerSolver;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Recipient\Gender;
use PluckyWren\Core\Recipient\Recipient;
use Tests\Core\Data;

final class StartingListTest extends TestCase
{
    public function test_what_is_proposed_for_the_youngest_raises_no_question_itself(): void
    {
        $list = new StartingList(Data::catalogue());
        $eldest = Plans::of(null);
        $youngest = new Plan(
            new Recipient(AgeBand::parse('2-3'), Gender::Girl),
            $eldest->guide,
            $eldest->boxKind,
            $eldest->funds,
            [],
        );

        self::assertSame('skipping-rope', $list->best(['skipping-rope', 'puzzle-large-pieces'], $eldest));
        self::assertSame('puzzle-large-pieces', $list->best(['skipping-rope', 'puzzle-large-pieces'], $youngest));
        // Where none will do, the first is named, as it was before.
        self::assertSame('skipping-rope', $list->best(['skipping-rope', 'marbles'], $youngest));
    }

    #[DataProvider('boxKinds')]
    public function test_the_list_of_every_guide_fits_every_box_in_every_age_group(string $guide, string $boxKind): void
    {
        $guide = Data::guide($guide);
        foreach ($guide->audience->bands as $band) {
            foreach ($guide->audience->genders as $gender) {
                $plan = new Plan(
                    new Recipient($band, $gender),
                    $guide,
                    Data::boxKinds()->get($boxKind),
                    new Funds($guide->terms->sendingGift, null),
                    [],
                );
                $pieces = [];
                foreach ((new StartingList(Data::catalogue()))->of($plan) as $id => [$kind, $count]) {
                    $pieces[] = PlannedPiece::toBuy($id, $kind, $count);
                }
                $filled = $plan->with(pieces: $pieces);
                self::assertSame([], self::leftOutOf($filled), "{$band->id()} {$gender->value}");
                self::assertSame(
                    [],
                    $filled->guide->needsFilled($filled->recipient, $filled->held())->missing(),
                    "{$band->id()} {$gender->value}",
                );
            }
        }
    }

    /** @return list<LeftOut> what stays out of a box after sixty attempts; where eight get all in, no more are made */
    private static function leftOutOf(Plan $plan): array
    {
        $solver = new CornerSolver;
        $leftOut = $solver->solve(FitProblem::of($plan), Budget::ofAttempts(8))->leftOut;

        return $leftOut === [] ? [] : $solver->solve(FitProblem::of($plan), Budget::ofAttempts(60))->leftOut;
    }

    /** @return iterable<string, array{string, string}> */
    public static function boxKinds(): iterable
    {
        foreach (['pellwick-quay', 'harrow-ferry'] as $guide) {
            foreach (array_keys(Data::boxKinds()->all()) as $boxKind) {
                yield "{$guide}, {$boxKind}" => [$guide, (string) $boxKind];
            }
        }
    }
}
