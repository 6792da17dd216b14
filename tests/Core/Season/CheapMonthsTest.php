<?php

declare(strict_types=1);

namespace Tests\Core\Season;

use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\Target\TargetAmount;
use PluckyWren\Core\Season\CheapKind;
use PluckyWren\Core\Season\CheapMonths;
use PluckyWren\Core\Season\MonthPrice;
use PluckyWren\Core\Season\TargetMove;
use Tests\Core\Data;

final class CheapMonthsTest extends TestCase
{
    public function test_what_the_crew_itself_paid_comes_first_then_what_is_usual(): void
    {
        $catalogue = Data::catalogue();
        $kinds = array_map($catalogue->get(...), ['soap', 'notebook', 'comb']);
        $months = new CheapMonths($kinds, [
            // 40 for 1.60 in November, 20 for 1.60 in the rest of the year: 0.04 and 0.08.
            new MonthPrice('comb', 11, 2, 40, 160), new MonthPrice('comb', 3, 1, 10, 90),
            new MonthPrice('comb', 7, 1, 10, 70),
            // One purchase tells nothing, and nine tenths are not cheap.
            new MonthPrice('soap', 11, 1, 10, 10), new MonthPrice('soap', 2, 9, 90, 900),
            new MonthPrice('notebook', 11, 2, 10, 90), new MonthPrice('notebook', 2, 2, 10, 100),
        ], Currency::of('EUR'));

        self::assertSame(['Comb 0.04 0.08 no'], self::told($months->in(11)));
        self::assertSame(['Bar of soap - - yes', 'Comb - - yes'], self::told($months->in(1)));
        self::assertContains('Notebook - - yes', self::told($months->in(8)));
    }

    public function test_a_target_goes_where_the_season_s_price_was(): void
    {
        $eur = Currency::of('EUR');
        $was = new TargetAmount(new Money(42, $eur));
        $move = TargetMove::of('soap', $was, (new Money(388, $eur))->exactly()->dividedAmong(10));

        self::assertSame([39, true], [$move?->to->minor, $move?->isLower()]);
        self::assertFalse(TargetMove::of('soap', $was, (new Money(51, $eur))->exactly())?->isLower());
        self::assertNull(TargetMove::of('soap', $was, (new Money(421, $eur))->exactly()->dividedAmong(10)));
        self::assertNull(TargetMove::of('soap', $was, (new Money(1, $eur))->exactly()->dividedAmong(10)));
    }

    /**
     * @param  list<CheapKind>  $cheap
     * @return list<string>
     */
    private static function told(array $cheap): array
    {
        return array_map(static fn (CheapKind $one): string => implode(' ', [
            $one->kind->name, $one->here?->format() ?? '-', $one->else?->format() ?? '-', $one->isUsual ? 'yes' : 'no',
        ]), $cheap);
    }
}
