<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Box\FitProblem;
use PluckyWren\Core\Fit\Check\Validator;
use PluckyWren\Core\Fit\Result;
use PluckyWren\Core\Guide\Rules\RuleBook;
use PluckyWren\Core\Practice\ByHand;
use PluckyWren\Core\Practice\Checked;
use PluckyWren\Core\Practice\Dice;
use PluckyWren\Core\Practice\Level;
use PluckyWren\Core\Practice\MadeUpBox;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Practice boxes are judged by the rules and the engine that judge real ones. */
final class PracticeTest extends TestCase
{
    public function test_a_made_up_box_has_so_many_wrong_things_and_the_same_seed_makes_the_same(): void
    {
        foreach (Level::cases() as $level) {
            for ($seed = 1; $seed <= 8; $seed++) {
                $plan = $this->madeUp($seed)->plan(Data::guide(), Data::boxKinds()->get('straight-card'), $level);
                self::assertSame([], Checked::of($plan, RuleBook::ofAllRules())->wrong, 'nothing is wrong at first');
                $box = $this->madeUp($seed)->withWrongs($plan, $level->wrongs());
                $checked = Checked::of($box, RuleBook::ofAllRules());

                self::assertCount($level->wrongs(), $checked->wrong, "level {$level->value}, seed {$seed}");
                self::assertEquals($box, $this->madeUp($seed)->withWrongs(
                    $this->madeUp($seed)->plan(Data::guide(), Data::boxKinds()->get('straight-card'), $level),
                    $level->wrongs(),
                ));
            }
        }
    }

    public function test_each_right_answer_counts_and_a_false_one_takes_away(): void
    {
        $plan = $this->madeUp(3)->plan(Data::guide(), Data::boxKinds()->get('straight-card'), Level::Names);
        $checked = Checked::of($this->madeUp(3)->withWrongs($plan, 3), RuleBook::ofAllRules());
        $wrong = array_keys($checked->wrong);
        $missing = array_keys($checked->missing);

        self::assertSame(0, $checked->score([], []));
        self::assertSame(3, $checked->score($wrong, []));
        self::assertSame(2, $checked->score([...$wrong, $plan->pieces[0]->id], []));
        self::assertSame(0, $checked->score([$plan->pieces[0]->id], []));
        self::assertSame($checked->most(true), $checked->score($wrong, $missing));
        self::assertSame(3, $checked->most(false));
    }

    public function test_whatever_is_put_in_by_hand_is_valid(): void
    {
        $random = new Randomizer(new Mt19937(7));
        $put = 0;
        for ($seed = 1; $seed <= 10; $seed++) {
            $plan = $this->madeUp($seed)->plan(Data::guide(), Data::boxKinds()->get('straight-card'), Level::Names);
            $problem = FitProblem::of($plan);
            $moves = [];
            $box = ByHand::after($problem, []);
            foreach (array_keys($problem->singles()) as $id) {
                $places = $box->placesFor((string) $id);
                if ($places !== []) {
                    $moves[] = [(string) $id, $random->getInt(0, count($places) - 1)];
                    $box = $box->with(...$moves[count($moves) - 1]);
                }
            }
            self::assertCount(count($moves), $box->placements);
            $seed > 3 || self::assertEquals($box, ByHand::after($problem, $moves), 'as when all is put in at once');
            $in = array_column($box->placements, 'id');
            $counts = [];
            foreach ($problem->items as $item) {
                $counts[$item->id] = count(array_filter(
                    $item->singles(), static fn ($single): bool => ! in_array($single->id, $in, true),
                ));
            }
            $rest = $problem->without(array_filter($counts, static fn (int $count): bool => $count > 0));
            if (count($rest->singles()) === count($box->placements) && $rest->singles() !== []) {
                $called = array_keys($rest->singles());
                sort($called);
                sort($in);
                $called === $in && self::assertSame([], array_filter(
                    Validator::ofAllRules()->breaches($rest, new Result($box->placements, [])),
                    static fn (string $breach): bool => ! str_contains($breach, 'together'),
                ), "seed {$seed}");
            }
            $put += count($moves);
        }
        self::assertGreaterThan(60, $put);
        $plan = $this->madeUp(1)->plan(Data::guide(), Data::boxKinds()->get('straight-card'), Level::Pictures);
        $first = $plan->pieces[0]->id;
        self::assertSame([], ByHand::after(FitProblem::of($plan), [['nothing', 0], [$first, 99]])->placements);
    }

    private function madeUp(int $seed): MadeUpBox
    {
        return new MadeUpBox(Data::catalogue(), RuleBook::ofAllRules(), new class($seed) implements Dice
        {
            private readonly Randomizer $random;

            public function __construct(int $seed)
            {
                $this->random = new Randomizer(new Mt19937($seed));
            }

            public function below(int $limit): int
            {
                return $this->random->getInt(0, $limit - 1);
            }
        });
    }
}
