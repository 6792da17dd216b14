<?php

declare(strict_types=1);

namespace PluckyWren\Core\Season;

use DateTimeImmutable;
use PluckyWren\Core\Money\Apportionment;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\Source;

/** What the things of a season cost: in all, and by source, category and month. */
final readonly class SeasonCosts
{
    /** @param list<CostRow> $rows */
    public function __construct(private array $rows, private Currency $currency, private Catalogue $catalogue) {}

    public function total(): Money
    {
        return $this->money(array_sum(array_column($this->rows, 'paidMinor')));
    }

    /** Get what was paid below the list prices, of those lots whose list price is known. */
    public function saved(): Money
    {
        return $this->money(array_sum(array_column($this->rows, 'savedMinor')));
    }

    /** Get how many lots have no known price. */
    public function withoutPrice(): int
    {
        return array_sum(array_column($this->rows, 'withoutPrice'));
    }

    /** Get how many lots somebody gave. */
    public function given(): int
    {
        return array_sum(
            array_column(
                array_filter($this->rows, static fn (CostRow $row): bool => $row->source === Source::Given),
                'lots',
            ),
        );
    }

    /** @return array<string, Money> by the source's id, dearest first; without those that cost nothing */
    public function bySource(): array
    {
        return $this->dearestFirst($this->sums(static fn (CostRow $row): string => $row->source->value));
    }

    /** @return array<string, Money> by the category's id, dearest first; without those that cost nothing */
    public function byCategory(): array
    {
        return $this->dearestFirst(
            $this->sums(fn (CostRow $row): string => $this->catalogue->get($row->kind)->category->value),
        );
    }

    /** @return array<string, Money> by `2026-08`, every month from the first day's to the last day's, empty ones too */
    public function byMonth(DateTimeImmutable $first, DateTimeImmutable $last): array
    {
        $sums = $this->sums(static fn (CostRow $row): string => $row->month);
        $months = [];
        for (
            $day = $first->modify(
                'first day of this month',
            ); $day->format('Y-m') <= $last->format('Y-m'); $day = $day->modify('+1 month')
        ) {
            $months[$day->format('Y-m')] = $this->money($sums[$day->format('Y-m')] ?? 0);
        }

        return $months;
    }

    /**
     * What was paid in each month, and where.
     *
     * @return array<string, array<string, Money>> by month like `2026-08`, then by the source's id, dearest
     *     first; without what is none
     */
    public function bySourceAndMonth(): array
    {
        $sums = [];
        foreach ($this->rows as $row) {
            $sums[$row->month][$row->source->value] = ($sums[$row->month][$row->source->value] ?? 0) + $row->paidMinor;
        }
        ksort($sums);

        return array_filter(array_map($this->dearestFirst(...), $sums));
    }

    /**
     * Tell where what was paid is now.
     *
     * @param  ExactAmount  $inBoxes  what the pieces in boxes cost
     * @param  ExactAmount  $gone  what those cost that broke, were given away or sent back
     * @return array{boxes: Money, left: Money, gone: Money} adding up to the total to the last minor unit
     *
     * @throws InvalidMoney
     */
    public function whereabouts(ExactAmount $inBoxes, ExactAmount $gone): array
    {
        $left = $this->total()->exactly()->minus($inBoxes)->minus($gone);
        $parts = Apportionment::of(['boxes' => $inBoxes, 'left' => $left, 'gone' => $gone]);

        return ['boxes' => $parts['boxes'], 'left' => $parts['left'], 'gone' => $parts['gone']];
    }

    /**
     * @param  callable(CostRow): string  $key
     * @return array<string, int> minor units
     */
    private function sums(callable $key): array
    {
        $sums = [];
        foreach ($this->rows as $row) {
            $sums[$key($row)] = ($sums[$key($row)] ?? 0) + $row->paidMinor;
        }

        return $sums;
    }

    /**
     * @param  array<string, int>  $sums  minor units
     * @return array<string, Money>
     */
    private function dearestFirst(array $sums): array
    {
        arsort($sums);

        return array_map($this->money(...), array_filter($sums, static fn (int $minor): bool => $minor !== 0));
    }

    private function money(int $minor): Money
    {
        return new Money($minor, $this->currency);
    }
}
