<?php

declare(strict_types=1);

namespace Tests\Core\Money\Chain;

use Brick\Math\BigRational;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Money\Chain\AmountStep;
use PluckyWren\Core\Money\Chain\BuyGetStep;
use PluckyWren\Core\Money\Chain\NonsenseStep;
use PluckyWren\Core\Money\Chain\PercentStep;
use PluckyWren\Core\Money\Chain\PriceChain;
use PluckyWren\Core\Money\Chain\Step;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;

final class PriceChainTest extends TestCase
{
    /**
     * @param  positive-int  $packs
     * @param  list<Step>  $steps
     */
    #[DataProvider('chains')]
    public function test_it_reckons_step_by_step(
        int $list,
        int $packs,
        array $steps,
        bool $taxBeforeCoupon,
        int $paid,
        int $percentOff,
    ): void {
        $chain = PriceChain::of(self::euro($list), $packs, 6, $steps, $taxBeforeCoupon);

        self::assertSame($paid, $chain->paid->minor);
        self::assertSame($percentOff, $chain->percentOff());
        self::assertSame($packs * 6, $chain->pieces);
        self::assertCount(count($steps), $chain->stages);
    }

    /** @return iterable<string, array{int, positive-int, list<Step>, bool, int, int}> */
    public static function chains(): iterable
    {
        yield 'the list price alone' => [599, 1, [], false, 599, 0];
        yield '30 % off, then 50 % off that: 10.00, 7.00, 3.50' => [
            1000, 1, [self::off('30'), self::off('50')], false, 350, 65,
        ];
        yield 'a dollar off, then 10 %: 10.00, 9.00, 8.10' => [
            1000, 1, [AmountStep::off(self::euro(100)), self::off('10')], false, 810, 19,
        ];
        yield 'the other way round: 9.00, 8.00' => [
            1000, 1, [self::off('10'), AmountStep::off(self::euro(100))], false, 800, 20,
        ];
        yield 'now costs, then a third off: 2.00, 1.33' => [
            500, 1, [AmountStep::nowCosts(self::euro(200)), PercentStep::off(BigRational::nd(100, 3))], false, 133, 73,
        ];
        yield 'three packs, buy two get one: pay 8.00 of 12.00' => [400, 3, [new BuyGetStep(2, 1)], false, 800, 33];
        yield 'seven packs: five are paid' => [400, 7, [new BuyGetStep(2, 1)], false, 2000, 29];
        yield 'tax of 8 % after a coupon of 2: (10 - 2) x 1.08' => [
            1000, 1, [AmountStep::coupon(self::euro(200)), self::tax('8')], false, 864, 20,
        ];
        yield 'tax before the coupon: 10 x 1.08 - 2' => [
            1000, 1, [AmountStep::coupon(self::euro(200)), self::tax('8')], true, 880, 20,
        ];
        yield 'the order they are typed in does not matter for tax' => [
            1000, 1, [self::tax('8'), AmountStep::coupon(self::euro(200))], false, 864, 20,
        ];
        yield 'store credit that is not counted as paid' => [
            1000, 1, [AmountStep::credit(self::euro(300), false)], false, 700, 30,
        ];
        yield 'store credit that is' => [1000, 1, [AmountStep::credit(self::euro(300), true)], false, 1000, 0];
        yield 'carriage comes on top and is no cut' => [
            1000, 1, [self::off('50'), AmountStep::carriage(self::euro(120))], false, 620, 50,
        ];
        yield 'half a cent is rounded up once, at the end' => [333, 1, [self::off('50')], false, 167, 50];
        yield 'all of it off' => [1000, 1, [self::off('100')], false, 0, 100];
    }

    /** @param list<Step> $steps */
    #[DataProvider('nonsense')]
    public function test_it_refuses_nonsense_and_names_the_step(array $steps, string $says): void
    {
        $this->expectException(NonsenseStep::class);
        $this->expectExceptionMessage($says);
        PriceChain::of(self::euro(1000), 1, 1, $steps);
    }

    /** @return iterable<string, array{list<Step>, string}> */
    public static function nonsense(): iterable
    {
        yield 'more off than it costs by then' => [
            [self::off('50'), AmountStep::off(self::euro(600))],
            'step.at (place: 2, why: step.below-zero (amount: 6.00, total: 5.00))',
        ];
        yield 'a coupon of more than it costs' => [
            [AmountStep::coupon(self::euro(1001))],
            'step.at (place: 1, why: step.below-zero (amount: 10.01, total: 10.00))',
        ];
        yield 'credit of more than it costs' => [
            [self::off('90'), AmountStep::credit(self::euro(101), true)],
            'step.at (place: 2, why: step.below-zero (amount: 1.01, total: 1.00))',
        ];
        yield 'now costs more than before' => [
            [self::off('50'), AmountStep::nowCosts(self::euro(900))],
            'step.at (place: 2, why: step.costs-more (amount: 9.00, each: 5.00))',
        ];
    }

    public function test_a_step_that_cannot_be_is_refused_at_once(): void
    {
        foreach ([
            'step.percent-off (percent: 120)' => static fn (): Step => self::off('120'),
            'step.percent-off (percent: -5)' => static fn (): Step => self::off('-5'),
            'step.tax (percent: 101)' => static fn (): Step => self::tax('101'),
            'step.buy-get (buy: 0, get: 1)' => static fn (): Step => new BuyGetStep(0, 1),
        ] as $says => $step) {
            try {
                $step();
                self::fail("It let through: {$says}.");
            } catch (NonsenseStep $nonsense) {
                self::assertStringContainsString($says, $nonsense->getMessage());
            }
        }
    }

    public function test_the_price_a_piece_is_an_exact_share_of_what_was_paid(): void
    {
        // Nine for 4.19 is 0.46555… each.
        $chain = PriceChain::of(self::euro(838), 1, 9, [self::off('50')]);

        self::assertSame('0.466', $chain->each()->format());
        self::assertSame(419, $chain->each()->times(9)->rounded()->minor);
    }

    private static function off(string $percent): PercentStep
    {
        return PercentStep::off(BigRational::of($percent));
    }

    private static function tax(string $percent): PercentStep
    {
        return PercentStep::tax(BigRational::of($percent));
    }

    private static function euro(int $cents): Money
    {
        return new Money($cents, Currency::of('EUR'));
    }
}
