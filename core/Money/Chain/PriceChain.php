<?php

declare(strict_types=1);

namespace PluckyWren\Core\Money\Chain;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Money\Money;

/** From a list price, step by step, to what was paid and what one piece cost. */
final readonly class PriceChain
{
    /**
     * @param  ExactAmount  $list  of all packs
     * @param  list<array{kind: StepKind, after: ExactAmount}>  $stages  the total after each step, in the order of
     *     reckoning
     * @param  Money  $paid  in whole minor units, as it is paid at a till
     * @param  int  $pieces  of all packs together
     */
    private function __construct(
        public ExactAmount $list,
        public array $stages,
        public Money $paid,
        public int $pieces,
    ) {}

    /**
     * @param  Money  $listPrice  of one pack
     * @param  positive-int  $packs
     * @param  positive-int  $piecesAPack
     * @param  list<Step>  $steps
     *
     * @throws NonsenseStep If a step cannot be; the message names its place among $steps.
     */
    public static function of(
        Money $listPrice,
        int $packs,
        int $piecesAPack,
        array $steps,
        bool $taxBeforeCoupon = false,
    ): self {
        $places = array_keys($steps);
        usort(
            $places,
            static fn (int $one, int $other): int => $steps[$one]
                ->kind()
                ->turn($taxBeforeCoupon) <=> $steps[$other]
                ->kind()
                ->turn($taxBeforeCoupon) ?: $one <=> $other,
        );
        $list = $total = $listPrice->exactly()->times($packs);
        $stages = [];
        foreach ($places as $place) {
            try {
                $total = $steps[$place]->applied($total, $packs);
            } catch (NonsenseStep $nonsense) {
                throw $nonsense->at($place + 1);
            }
            $stages[] = ['kind' => $steps[$place]->kind(), 'after' => $total];
        }

        return new self($list, $stages, $total->rounded(), $packs * $piecesAPack);
    }

    /** @throws InvalidMoney */
    public function each(): ExactAmount
    {
        return $this->paid->exactly()->dividedAmong($this->pieces);
    }

    /**
     * How much the cuts took off the list price, taxes and carriage aside, in whole percent; 0 where the list price is
     * nothing.
     */
    public function percentOff(): int
    {
        $cut = BigRational::zero();
        $before = $this->list;
        foreach ($this->stages as ['kind' => $kind, 'after' => $after]) {
            $cut = $kind->isCut() ? $cut->plus($before->minor)->minus($after->minor) : $cut;
            $before = $after;
        }

        return $this->list->minor->isZero()
            ? 0
            : $cut->multipliedBy(100)->dividedBy($this->list->minor)->toScale(0, RoundingMode::HALF_UP)->toInt();
    }
}
