<?php

declare(strict_types=1);

namespace Tests\Core\Box;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Box\FitProblem;
use PluckyWren\Core\Box\RoomGauge;
use PluckyWren\Core\Box\RoomState;
use PluckyWren\Core\Fit\Closure;
use PluckyWren\Core\Fit\LeftOut;
use PluckyWren\Core\Fit\Reason;
use PluckyWren\Core\Fit\Result;
use PluckyWren\Core\Fit\Verdict;

final class RoomGaugeTest extends TestCase
{
    public function test_an_empty_box_is_empty_and_an_untried_one_not_tried(): void
    {
        self::assertSame(RoomState::Empty, RoomGauge::of(Plans::of(null), null)->state);
        self::assertSame(
            RoomState::NotTried,
            RoomGauge::of(Plans::of(null, Plans::piece('soap', 1, null)), null)->state,
        );
    }

    #[DataProvider('verdicts')]
    public function test_it_repeats_the_verdict_only_where_everything_went_in(
        Verdict $verdict,
        int $leftOut,
        RoomState $state,
        bool $closes,
    ): void {
        $outs = $leftOut === 0
            ? []
            : array_map(static fn (int $n): LeftOut => new LeftOut("pencils#{$n}", Reason::NoRoom), range(1, $leftOut));
        $room = RoomGauge::of(
            Plans::of(null, Plans::piece('pencils', 8, null)),
            new Result([], $outs, Closure::recorded($verdict, 6.0, 0.4, 2.0), 0.5),
        );

        self::assertSame($state, $room->state);
        self::assertSame($closes, $room->closesOverAll());
        self::assertSame($leftOut, $room->leftOutCount());
    }

    /** @return iterable<string, array{Verdict, int, RoomState, bool}> */
    public static function verdicts(): iterable
    {
        yield 'flat' => [Verdict::Flat, 0, RoomState::Flat, true];
        yield 'tight' => [Verdict::Tight, 0, RoomState::Tight, true];
        yield 'flat over the rest is not flat' => [Verdict::Flat, 2, RoomState::LeftOut, false];
        yield 'open' => [Verdict::Open, 0, RoomState::Open, false];
    }

    public function test_pieces_left_out_are_named_once_with_their_number_and_reason(): void
    {
        $outs = [
            new LeftOut('pencils#7', Reason::NoRoom),
            new LeftOut('pencils#8', Reason::NoRoom),
            new LeftOut('ruler', Reason::LargerThanBox),
        ];
        $room = RoomGauge::of(
            Plans::of(null, Plans::piece('pencils', 8, null), Plans::piece('ruler', 1, null)),
            new Result([], $outs, Closure::recorded(Verdict::Flat, 0, 0, 0), 0.5),
        );

        self::assertSame([
            ['name' => 'Pencil', 'reason' => 'no-room', 'count' => 2],
            ['name' => 'Ruler 300 mm', 'reason' => 'larger-than-box', 'count' => 1],
        ], $room->leftOut);
    }

    public function test_a_need_is_worth_more_than_a_wish_and_a_wish_more_than_the_rest(): void
    {
        $problem = FitProblem::of(
            Plans::of(
                null,
                Plans::piece('pencils', 8, null),
                Plans::piece('scissors', 1, null),
                Plans::piece('stickers', 1, null),
                Plans::piece('plush-small', 1, null),
            ),
        );
        [$pencils, $scissors, $stickers, $plush] = $problem->items;

        self::assertSame([5.0 / 8, true], [$pencils->value, $pencils->must]);
        self::assertSame([2.0, false], [$scissors->value, $scissors->must]);
        self::assertSame([1.0, false], [$stickers->value, $stickers->must]);
        self::assertSame([true, false], [$plush->firstSight, $stickers->firstSight]);
        self::assertSame([true, false], [$pencils->together, $scissors->together]);
        self::assertSame('pencils', FitProblem::pieceOf('pencils#3'));
    }
}
