<?php

declare(strict_types=1);

namespace PluckyWren\Core\Season;

use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Stash\ItemKind;

/** What is cheap in which month: by what is usual of a kind, and by what the crew itself paid over the years. */
final readonly class CheapMonths
{
    /** Less than nine tenths of what it cost in the other months is cheap. */
    private const TENTHS = 9;

    /** One purchase in each is no habit of the shops. */
    private const LEAST_LOTS = 2;

    /** @var array<string, list<MonthPrice>> by kind */
    private array $paid;

    /**
     * @param  list<ItemKind>  $kinds  that the crew needs
     * @param  list<MonthPrice>  $paid
     */
    public function __construct(private array $kinds, array $paid, private Currency $currency)
    {
        $byKind = [];
        foreach ($paid as $price) {
            $byKind[$price->kind][] = $price;
        }
        $this->paid = $byKind;
    }

    /**
     * @param  int  $month  1 to 12
     * @return list<CheapKind> what the crew itself saved most on first, then what is usual, by name
     *
     * @throws InvalidMoney
     */
    public function in(int $month): array
    {
        $cheap = [];
        foreach ($this->kinds as $kind) {
            $isUsual = in_array($month, $kind->usage->cheapMonths, true);
            [$here, $else] = $this->averages($kind, $month);
            if ($here !== null) {
                $cheap[] = new CheapKind($kind, $isUsual, $here, $else);
            } elseif ($isUsual) {
                $cheap[] = new CheapKind($kind, true);
            }
        }
        usort($cheap, static fn (CheapKind $a, CheapKind $b): int => [$a->here === null, $a->kind->name]
            <=> [$b->here === null, $b->kind->name]);

        return $cheap;
    }

    /**
     * @return array{ExactAmount, ExactAmount}|array{null, null} a piece in this month and in the others, where it is
     *     cheaper
     *
     * @throws InvalidMoney
     */
    private function averages(ItemKind $kind, int $month): array
    {
        $sums = ['here' => [0, 0, 0], 'else' => [0, 0, 0]];
        foreach ($this->paid[$kind->id] ?? [] as $price) {
            $where = $price->month === $month ? 'here' : 'else';
            $sums[$where][0] += $price->lots;
            $sums[$where][1] += $price->pieces;
            $sums[$where][2] += $price->minor;
        }
        if (min($sums['here'][0], $sums['else'][0]) < self::LEAST_LOTS) {
            return [null, null];
        }
        [$here, $else] = array_map(fn (array $sum): ExactAmount => ExactAmount::of(new Money($sum[2], $this->currency))
            ->dividedAmong($sum[1]), [$sums['here'], $sums['else']]);

        return $here->times(10)->compareTo($else->times(self::TENTHS)) < 0 ? [$here, $else] : [null, null];
    }
}
