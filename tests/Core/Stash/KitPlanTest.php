<?php

declare(strict_types=1);

namespace Tests\Core\Stash;

use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\Price;
use PluckyWren\Core\Stash\Inside;
use PluckyWren\Core\Stash\InsideFields;
use PluckyWren\Core\Stash\KitPart;
use PluckyWren\Core\Stash\KitPlan;
use PluckyWren\Core\Stash\Measures;
use PluckyWren\Core\Stash\Said;
use PluckyWren\Core\Stash\Thing;
use Tests\Core\Data;

final class KitPlanTest extends TestCase
{
    public function test_twelve_care_bags_but_the_soap_runs_out_at_nine(): void
    {
        // 30 combs for 6.00, 9 soaps for 4.50, 40 cloths for free: 0.20 + 0.50 + 0 each.
        $plan = self::plan(
            self::part('comb', 1, 30, Price::paid(self::euro(600), 30)),
            self::part('soap', 1, 9, Price::paid(self::euro(450), 9)),
            self::part('washcloth', 2, 40, Price::free(Currency::of('EUR'))),
        );

        self::assertSame([9, 'Bar of soap'], [$plan->canMake(), $plan->runsOutFirst()?->thing->name]);
        self::assertSame('0.70', $plan->costEach()?->format());
        self::assertSame(['comb' => 1, 'soap' => 1, 'washcloth' => 2], $plan->inside()->counts());
        self::assertNull($plan->holder());
    }

    public function test_what_the_rest_is_packed_in_is_not_in_itself(): void
    {
        $plan = self::plan(
            self::part('pencils', 6, 100, Price::unknown()),
            self::part('pencil-case', 1, 4, Price::free(Currency::of('EUR'))),
        );

        self::assertSame([4, 'pencil-case'], [$plan->canMake(), $plan->holder()?->thing->kind->id]);
        self::assertSame(['pencils' => 6], $plan->inside()->counts());
        self::assertNull($plan->costEach());
    }

    public function test_of_nothing_nothing_is_made(): void
    {
        self::assertSame([0, null], [self::plan()->canMake(), self::plan()->runsOutFirst()]);
        self::assertSame(0, self::plan(self::part('soap', 3, 2, Price::unknown()))->canMake());
    }

    public function test_what_is_inside_is_kept_piece_by_piece_where_it_is_not_as_usual(): void
    {
        $catalogue = Data::catalogue();
        $usual = Inside::ofCounts(['soap' => 1, 'comb' => 2], $catalogue);
        self::assertSame(['soap' => 1, 'comb' => 2], InsideFields::written($usual));
        self::assertEquals($usual, InsideFields::read(['soap' => 1, 'comb' => 2], $catalogue));

        $said = new Said(isSolid: true);
        $car = $catalogue->get('toy-car');
        $inside = Inside::ofThings([
            [
                new Thing(
                    $said->of($car), 'Wooden car', new Measures($car->body->size, true), [], null,
                    Inside::nothing(), $said,
                ),
                2,
            ],
            [Thing::usual($car), 1],
        ]);
        self::assertEquals($inside, InsideFields::read(InsideFields::written($inside), $catalogue));
        self::assertSame(['toy-car' => 3], $inside->counts());
    }

    private static function plan(KitPart ...$parts): KitPlan
    {
        return new KitPlan(array_values($parts), Currency::of('EUR'));
    }

    private static function part(string $kind, int $each, int $onHand, Price $price): KitPart
    {
        return new KitPart(Thing::usual(Data::catalogue()->get($kind)), $each, $onHand, $price);
    }

    private static function euro(int $cents): Money
    {
        return new Money($cents, Currency::of('EUR'));
    }
}
