<?php

declare(strict_types=1);

namespace Tests\Core\Send;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Box\Closing\ClosingTick;
use PluckyWren\Core\Box\Funds;
use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Recipient\Gender;
use PluckyWren\Core\Recipient\Recipient;
use PluckyWren\Core\Send\Deed;
use PluckyWren\Core\Send\Gifts;
use PluckyWren\Core\Send\GiftState;
use PluckyWren\Core\Send\Readiness;
use Tests\Core\Data;

final class ReadinessTest extends TestCase
{
    #[DataProvider('settlements')]
    public function test_what_is_still_to_be_paid(int $asked, ?GiftState $state, ?int $settled, int $lacks): void
    {
        self::assertSame($lacks, Gifts::lacks(
            self::euros($asked),
            $state,
            $settled === null ? null : self::euros($settled),
        )->minor);
    }

    /** @return iterable<string, array{int, GiftState|null, int|null, int}> cents */
    public static function settlements(): iterable
    {
        yield 'nothing yet' => [900, null, null, 900];
        yield 'all of it' => [900, GiftState::Paid, 900, 0];
        yield 'the guide asks for more now' => [1000, GiftState::Paid, 900, 100];
        yield 'more than is asked' => [900, GiftState::Paid, 1000, 0];
        yield 'waived, whatever is asked now' => [1000, GiftState::Waived, 900, 0];
        yield 'a drive that asks for none' => [0, null, null, 0];
    }

    public function test_the_sums_of_some_boxes(): void
    {
        $gifts = Gifts::of([
            [self::euros(900), null, null],
            [self::euros(900), GiftState::Paid, self::euros(900)],
            [self::euros(1000), GiftState::Paid, self::euros(900)],
            [self::euros(900), GiftState::Waived, self::euros(900)],
        ], Currency::of('EUR'));

        // Asked 9 + 9 + 10 + 9, paid 9 + 9, waived 9, open 9 and the 1 by which one rose.
        self::assertSame([3700, 1800, 900, 1000], [
            $gifts->asked->minor, $gifts->paid->minor, $gifts->waived->minor, $gifts->open->minor,
        ]);
    }

    public function test_a_box_without_note_label_and_gift_lacks_all_three_and_one_after_the_other_less(): void
    {
        $empty = new Plan(
            new Recipient(AgeBand::parse('4-7'), Gender::Boy),
            Data::guide(),
            Data::boxKinds()->get('straight-card'),
            new Funds(self::euros(900)),
            [],
        );

        self::assertSame([Deed::Note, Deed::Label, Deed::Gift], Readiness::of($empty, [], self::euros(900))->lacks);
        // That the gift is put aside is a tick for closing the lid, and pays nothing.
        self::assertSame(
            [Deed::Note, Deed::Gift],
            Readiness::of($empty, [ClosingTick::Label, ClosingTick::Gift], self::euros(900))->lacks,
        );
        self::assertSame([Deed::Note], Readiness::of($empty, [ClosingTick::Label], self::euros(0))->lacks);
        self::assertFalse(Readiness::of($empty, [ClosingTick::Label], self::euros(0))->isReady());
    }

    private static function euros(int $cents): Money
    {
        return new Money($cents, Currency::of('EUR'));
    }
}
