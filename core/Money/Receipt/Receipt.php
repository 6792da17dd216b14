<?php

declare(strict_types=1);

namespace PluckyWren\Core\Money\Receipt;

use Brick\Math\BigRational;
use PluckyWren\Core\Money\Apportionment;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Money\Money;

/**
 * What each thing of a receipt cost once coupons, taxes, carriage and the rest are spread over the things they touch,
 * by what these come to. The shares add up to the till's total, to the minor unit.
 */
final readonly class Receipt
{
    /**
     * @param  array<int, Money>  $paid  for each thing that has a price, by its place
     * @param  Money  $till  what the receipt comes to, in the money in which it was printed
     * @param  Money  $spread  how much of that is for things of ours, in the money of the crew
     * @param  array<int, Money>  $added  what each line that is no thing added, by its place among them; below zero
     *     where it came off
     */
    private function __construct(
        public array $paid,
        public Money $till,
        public Money $spread,
        public array $added,
    ) {}

    /**
     * @param  array<int, array{price: Money, pieces: int}>  $things  as printed, by their place
     * @param  list<Extra>  $extras  in the order in which they are printed
     * @param  BigRational|null  $rate  of the crew's money for one of the receipt's, where these differ
     *
     * @throws InvalidReceipt If an extra cannot be.
     * @throws InvalidMoney If the currencies differ.
     */
    public static function of(Currency $currency, array $things, array $extras, ?BigRational $rate = null): self
    {
        $running = array_map(static fn (array $thing): ExactAmount => $thing['price']->exactly(), $things);
        $outside = ExactAmount::zero($currency);
        $added = [];
        foreach ($extras as $place => $extra) {
            if (! $extra->kind->isSpread()) {
                $added[$place] = $extra->amount ?? Money::zero($currency);
                $outside = $outside->plus($added[$place]->exactly());

                continue;
            }
            $before = self::sum($currency, $running);
            $touched = $extra->touches === null
                ? $running
                : array_intersect_key($running, array_flip($extra->touches));
            foreach (self::spread($place, $extra, $touched, $things) as $at => $amount) {
                $running[$at] = $amount;
            }
            $added[$place] = self::sum($currency, $running)->minus($before)->rounded();
        }
        $till = self::sum($currency, $running)->plus($outside)->rounded();
        $ours = array_map(
            static fn (ExactAmount $amount): ExactAmount => $rate === null ? $amount : $amount->share($rate),
            $running,
        );
        $paid = $ours === [] ? [] : Apportionment::of($ours);

        return new self($paid, $till, self::sum($currency, $ours)->rounded(), $added);
    }

    /**
     * @param  array<int, ExactAmount>  $touched  what these come to before it
     * @param  array<int, array{price: Money, pieces: int}>  $things
     * @return array<int, ExactAmount> what they come to after it
     *
     * @throws InvalidReceipt
     * @throws InvalidMoney
     */
    private static function spread(int $place, Extra $extra, array $touched, array $things): array
    {
        $first = array_key_first($touched);
        $sum = $first === null ? null : self::sum($touched[$first]->currency, $touched);
        if ($sum === null || $sum->minor->isZero()) {
            throw InvalidReceipt::touchesNothing($place);
        }
        $change = match (true) {
            $extra->amount !== null => $extra->amount->exactly(),
            $extra->percent !== null => $sum->share($extra->percent->dividedBy(100)),
            default => self::cheapest($extra->buyPay ?? [1, 1], $touched, $things),
        };
        $after = $sum->plus($change);
        if ($after->minor->isNegative()) {
            throw InvalidReceipt::takesOffMore($place);
        }
        $share = $after->minor->dividedBy($sum->minor);

        return array_map(static fn (ExactAmount $amount): ExactAmount => $amount->share($share), $touched);
    }

    /**
     * What the cheapest of every so many cost, below zero: over all the pieces that are touched, as tills do it.
     *
     * @param  array{int, int}  $buyPay
     * @param  array<int, ExactAmount>  $touched
     * @param  array<int, array{price: Money, pieces: int}>  $things
     *
     * @throws InvalidMoney
     */
    private static function cheapest(array $buyPay, array $touched, array $things): ExactAmount
    {
        [$buy, $pay] = $buyPay;
        $each = $counts = [];
        foreach ($touched as $at => $amount) {
            $counts[$at] = $things[$at]['pieces'];
            $each[$at] = $amount->dividedAmong($counts[$at]);
        }
        uasort($each, static fn (ExactAmount $one, ExactAmount $other): int => $one->compareTo($other));
        $free = intdiv(array_sum($counts), $buy) * ($buy - $pay);
        $off = ExactAmount::zero($each[array_key_first($each) ?? 0]->currency);
        foreach ($each as $at => $amount) {
            $taken = min($free, $counts[$at]);
            $off = $off->minus($amount->times($taken));
            $free -= $taken;
        }

        return $off;
    }

    /**
     * @param  array<int, ExactAmount>  $amounts
     *
     * @throws InvalidMoney
     */
    private static function sum(Currency $currency, array $amounts): ExactAmount
    {
        return array_reduce(
            $amounts,
            static fn (ExactAmount $sum, ExactAmount $one): ExactAmount => $sum->plus($one),
            ExactAmount::zero($currency),
        );
    }
}
