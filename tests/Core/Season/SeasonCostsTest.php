<?php

declare(strict_types=1);

namespace Tests\Core\Season;

use DateTimeImmutable;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Season\CostRow;
use PluckyWren\Core\Season\SeasonCosts;
use PluckyWren\Core\Stash\Source;
use Tests\Core\Data;

final class SeasonCostsTest extends TestCase
{
    public function test_sums_by_source_category_and_month(): void
    {
        $costs = $this->costs(
            new CostRow('soap', Source::Shop, '2026-02', 3, 1, 276, 24),
            new CostRow('soap', Source::Clearance, '2026-04', 1, 0, 100, 0),
            new CostRow('yo-yo', Source::Shop, '2026-04', 2, 0, 1000, 0),
            new CostRow('yo-yo', Source::Given, '2026-01', 5, 0, 0, 0),
        );

        self::assertSame(
            ['1376', '24', 1, 5],
            [(string) $costs->total()->minor, (string) $costs->saved()->minor, $costs->withoutPrice(), $costs->given()],
        );
        self::assertSame(['shop' => 1276, 'clearance' => 100], $this->minor($costs->bySource()));
        self::assertSame([1000, 376], array_values($this->minor($costs->byCategory())));
        self::assertSame(
            ['2026-02' => ['shop' => 276], '2026-04' => ['shop' => 1000, 'clearance' => 100]],
            array_map($this->minor(...), $costs->bySourceAndMonth()),
        );
        // From the 31st, a month on would skip February.
        self::assertSame(
            ['2026-01' => 0, '2026-02' => 276, '2026-03' => 0, '2026-04' => 1100],
            $this->minor($costs->byMonth(new DateTimeImmutable('2026-01-31'), new DateTimeImmutable('2026-04-01'))),
        );
    }

    public function test_where_it_is_now_adds_up_to_what_was_paid(): void
    {
        $exactly = fn (int $minor, int $times, int $among): ExactAmount => (
            new Money($minor, $this->euro())
        )->exactly()->times($times)->dividedAmong($among);
        // 10.00 for seven, four in boxes and one gone: 5.714…, 1.428… and so 2.857… are left.
        $where = $this->costs(new CostRow('soap', Source::Shop, '2026-02', 1, 0, 1000, 0))->whereabouts(
            $exactly(1000, 4, 7),
            $exactly(1000, 1, 7),
        );

        self::assertSame(['boxes' => 571, 'left' => 286, 'gone' => 143], $this->minor($where));
    }

    public function test_nothing_costs_nothing(): void
    {
        $costs = $this->costs();

        self::assertTrue($costs->total()->isZero());
        self::assertSame([], $costs->bySource());
        self::assertSame(
            ['boxes' => 0, 'left' => 0, 'gone' => 0],
            $this->minor($costs->whereabouts(ExactAmount::zero($this->euro()), ExactAmount::zero($this->euro()))),
        );
    }

    private function costs(CostRow ...$rows): SeasonCosts
    {
        return new SeasonCosts(array_values($rows), $this->euro(), Data::catalogue());
    }

    private function euro(): Currency
    {
        return Currency::of('EUR');
    }

    /**
     * @param  array<string, Money>  $amounts
     * @return array<string, int>
     */
    private function minor(array $amounts): array
    {
        return array_map(static fn (Money $money): int => $money->minor, $amounts);
    }
}
