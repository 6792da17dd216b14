<?php

declare(strict_types=1);

namespace Tests\Core\Box;

use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Box\Closing\ClosingCheck;
use PluckyWren\Core\Box\Closing\ClosingLine;
use PluckyWren\Core\Box\Closing\ClosingTick;
use PluckyWren\Core\Box\Closing\LineState;
use PluckyWren\Core\Box\Closing\SecondLook;
use PluckyWren\Core\Box\Gauges;
use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Box\Settled;
use PluckyWren\Core\Box\StartingList;
use PluckyWren\Core\Box\Ways;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\Rules\RuleBook;
use PluckyWren\Core\Stash\Preparation\Habits;
use PluckyWren\Core\Stash\Preparation\Task;
use Tests\Core\Data;

final class ClosingTest extends TestCase
{
    public function test_each_line_is_answered_by_the_data_or_by_a_tick(): void
    {
        $plan = Plans::of(null, Plans::piece('soap', 1, [46, 1]), Plans::piece('star-viewer', 1, [300, 1]));
        $lines = self::lines($plan, [ClosingTick::Label]);

        self::assertSame(LineState::Open, $lines['must-haves']->state);
        self::assertContains('toothbrush', self::about($lines['must-haves']));
        self::assertSame(['Pocket telescope'], self::about($lines['to-mend']));
        self::assertSame(
            [LineState::Fine, LineState::Open, LineState::Open],
            [$lines['label']->state, $lines['gift']->state, $lines['lid']->state],
        );
        self::assertSame(LineState::Open, $lines['note']->state);
        self::assertArrayNotHasKey('photo', $lines);
        self::assertArrayNotHasKey('counted', $lines);
    }

    public function test_what_is_left_with_a_reason_is_told_apart_and_a_letter_is_found(): void
    {
        $plan = Plans::of(null, Plans::piece('star-viewer', 1, [300, 1]), Plans::piece('letter', 1, [0, 1]));
        $left = new Plan(
            $plan->recipient,
            $plan->guide,
            $plan->boxKind,
            $plan->funds,
            $plan->pieces,
            new Ways(new Habits(sendsPhotos: true)),
            new Settled(['trait.glass|star-viewer' => 'Its lens is plastic.'], [Task::BoxSound]),
        );
        $lines = self::lines($left, []);

        self::assertSame(
            [LineState::Left, ['Pocket telescope']],
            [$lines['to-mend']->state, self::about($lines['to-mend'])],
        );
        self::assertSame(
            [LineState::Fine, LineState::Fine, LineState::Open],
            [$lines['note']->state, $lines['box-ready']->state, $lines['photo']->state],
        );
    }

    /** @return list<mixed> the names of what its findings are about */
    private static function about(ClosingLine $line): array
    {
        return array_map(static fn (Finding $finding): mixed => $finding->facts['name'], $line->findings);
    }

    public function test_the_checkers_take_out_and_top_up_in_the_guides_order_and_it_costs(): void
    {
        // Glass is barred after liquid; whoever has a reason to leave it, they do not know.
        $plan = Plans::of(
            null,
            Plans::piece('star-viewer', 1, [300, 1]),
            Plans::piece('bubbles', 2, [150, 1]),
            Plans::piece('soap', 1, [46, 1]),
        );
        $left = new Plan(
            $plan->recipient,
            $plan->guide,
            $plan->boxKind,
            $plan->funds,
            $plan->pieces,
            settled: new Settled(['trait.glass|star-viewer' => 'Its lens is plastic.']),
        );
        $look = SecondLook::of($left, new StartingList(Data::catalogue()), ['pencils' => Plans::euro(8)->exactly()]);

        self::assertSame(
            [['Soap bubbles', '3.00'], ['Pocket telescope', '3.00']],
            array_map(static fn (array $out): array => [$out['name'], $out['cost']?->format()], $look->takenOut),
        );
        // With the telescope gone the lead gift is missing; five pencils at 0.08 are 0.40; nobody knows what a
        // toothbrush costs.
        $up = array_column($look->toppedUp, null, 'name');
        self::assertSame(
            [1, 5, '0.40', null],
            [
                $up['lead gift']['count'],
                $up['pencils']['count'],
                $up['pencils']['cost']?->format(),
                $up['toothbrush']['cost'],
            ],
        );
        self::assertArrayNotHasKey('soap', $up);
        self::assertSame('lead gift', $look->toppedUp[0]['name']);
    }

    /**
     * @param  list<ClosingTick>  $ticks
     * @return array<string, ClosingLine>
     */
    private static function lines(Plan $plan, array $ticks): array
    {
        return array_column(
            ClosingCheck::of($plan, Gauges::of($plan, null, RuleBook::ofAllRules()), $ticks)->lines,
            null,
            'id',
        );
    }
}
