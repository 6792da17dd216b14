<?php

declare(strict_types=1);

namespace Tests\Core\Box;

use Closure;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Box\CostsThen;
use PluckyWren\Core\Box\Funds;
use PluckyWren\Core\Box\MoneyGauge;
use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Level\PriceRange;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\Price;
use PluckyWren\Core\Recipient\Gender;
use PluckyWren\Core\Recipient\Recipient;
use PluckyWren\Core\Stash\ItemKind;
use PluckyWren\Core\Stash\Thing;
use Tests\Core\Data;

final class CostsThenTest extends TestCase
{
    public function test_what_has_no_price_yet_is_added_from_the_least_to_the_most(): void
    {
        // 9.00 gift, 0.46 soap; two combs at 0.333 to 0.5 each, that is 0.67 to 1.00.
        $then = self::then($this->plan(null, 'comb', 2), static fn (ItemKind $kind): PriceRange => new PriceRange(
            self::euro(100)->exactly()->dividedAmong(3), self::euro(50)->exactly(),
        ));

        self::assertNotNull($then);
        self::assertSame(['10.13', '10.46'], [$then->low->format(), $then->high->format()]);
        self::assertSame([0, false, false, false], [
            $then->withoutAny, $then->isOne(), $then->isOver(), $then->mayBeOver(),
        ]);
    }

    public function test_what_nobody_can_say_is_counted_and_not_guessed(): void
    {
        $plan = $this->plan(null, 'comb', 2);
        $plan = $plan->with(pieces: [...$plan->pieces, PlannedPiece::toBuy('x', Data::catalogue()->get('torch'), 3)]);
        $then = self::then($plan, static fn (ItemKind $kind): ?PriceRange => $kind->id === 'comb'
            ? PriceRange::exactly(self::euro(50)->exactly()) : null);

        self::assertNotNull($then);
        self::assertSame(['10.46', true, 3], [$then->low->format(), $then->isOne(), $then->withoutAny]);
        self::assertNull(self::then($plan, static fn (ItemKind $kind): ?PriceRange => null));
    }

    public function test_a_box_of_which_every_price_is_known_says_nothing(): void
    {
        $plan = $this->plan(null, 'comb', 1);

        self::assertNull(self::then(
            $plan->with(pieces: [$plan->pieces[0]]),
            static fn (ItemKind $kind): PriceRange => PriceRange::exactly(self::euro(50)->exactly()),
        ));
    }

    #[TestWith([1046, false, false])]
    #[TestWith([1045, false, true])]
    #[TestWith([1013, false, true])]
    #[TestWith([1012, true, false])]
    public function test_it_is_held_against_the_budget(int $budget, bool $isOver, bool $mayBeOver): void
    {
        $then = self::then($this->plan($budget, 'comb', 2), static fn (ItemKind $kind): PriceRange => new PriceRange(
            self::euro(100)->exactly()->dividedAmong(3), self::euro(50)->exactly(),
        ));

        self::assertSame([$isOver, $mayBeOver], [$then?->isOver(), $then?->mayBeOver()]);
    }

    /** @param Closure(ItemKind): (PriceRange|null) $priceOf */
    private static function then(Plan $plan, Closure $priceOf): ?CostsThen
    {
        return CostsThen::of($plan, MoneyGauge::of($plan), $priceOf);
    }

    private function plan(?int $budget, string $toBuy, int $count): Plan
    {
        $catalogue = Data::catalogue();
        $guide = Data::guide();

        return new Plan(
            new Recipient($guide->audience->bands[0], Gender::Girl),
            $guide,
            Data::boxKinds()->get('straight-card'),
            new Funds(self::euro(900), $budget === null ? null : self::euro($budget)),
            [
                new PlannedPiece('s', Thing::usual($catalogue->get('soap')), 1, Price::paid(self::euro(46), 1), null),
                PlannedPiece::toBuy('c', $catalogue->get($toBuy), $count),
            ],
        );
    }

    private static function euro(int $cents): Money
    {
        return new Money($cents, Currency::of('EUR'));
    }
}
