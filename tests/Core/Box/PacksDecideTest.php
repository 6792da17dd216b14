<?php

declare(strict_types=1);

namespace Tests\Core\Box;

use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Box\Shopping\PackLine;
use PluckyWren\Core\Box\Shopping\PacksDecide;
use PluckyWren\Core\Money\Currency;
use Tests\Core\Data;

final class PacksDecideTest extends TestCase
{
    public function test_five_things_come_in_threes_and_decide_for_three_boxes(): void
    {
        $decide = new PacksDecide([
            self::line('cup', 1, 0, 3, 300), self::line('comb', 1, 0, 3, 60), self::line('soap', 1, 0, 1, 45),
        ], Currency::of('EUR'));

        // One box: packs for 3.00 and 0.60, one soap; two cups and two combs are left, 2.00 and 0.40.
        self::assertSame(['4.05', '2.40'], [$decide->outlay(1)->format(), $decide->leftOver(1)->format()]);
        // Three boxes: the same packs and three soaps, and nothing is left.
        self::assertSame(['4.95', '0.00'], [$decide->outlay(3)->format(), $decide->leftOver(3)->format()]);
        // Four: two packs each; two of three are left again, over four boxes.
        self::assertSame('2.40', $decide->leftOver(4)->format());
        self::assertSame(3, $decide->best(1, 5));
        // Three boxes use up two things that come in threes: 4.95 over three boxes.
        self::assertSame([[3, 2], null], [$decide->usedUp(3), $decide->usedUp(4)]);
        self::assertSame('1.65', $decide->eachBox(3)->format());
        // Of three and six, both without a rest, the larger.
        self::assertSame(6, $decide->best(1, 6));
    }

    public function test_what_is_there_already_is_not_bought(): void
    {
        $decide = new PacksDecide([self::line('pencils', 6, 20, 50, 250)], Currency::of('EUR'));

        self::assertSame(['0.00', '0.00'], [$decide->outlay(3)->format(), $decide->leftOver(3)->format()]);
        // Four boxes want 24: four more, of a pack of 50, at 0.05 a piece.
        self::assertSame(['2.50', '2.30'], [$decide->outlay(4)->format(), $decide->leftOver(4)->format()]);
        self::assertSame([], $decide->packed(3));
        self::assertSame(46, $decide->packed(4)[0]->left(4));
    }

    public function test_what_has_no_known_price_is_named_and_costs_nothing(): void
    {
        $decide = new PacksDecide([self::line('kite', 1, 1, 1, null)], Currency::of('EUR'));

        self::assertSame([], $decide->unknown(1));
        self::assertSame('Folded kite', $decide->unknown(2)[0]->kind->name);
        self::assertSame('0.00', $decide->outlay(2)->format());
    }

    private static function line(string $kind, int $each, int $free, int $pack, ?int $cents): PackLine
    {
        return new PackLine(
            Data::catalogue()->get($kind), $each, $free, $pack, $cents === null ? null : Plans::euro($cents)->exactly(),
        );
    }
}
