<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Shopping;

use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\ExactAmount;
use PluckyWren\Core\Money\InvalidMoney;

/** How many like boxes the packs are best for: for each number what has to be bought, and what is left of it. */
final readonly class PacksDecide
{
    /** @param list<PackLine> $lines */
    public function __construct(public array $lines, private Currency $currency) {}

    /**
     * What has to be paid at the till.
     *
     * @throws InvalidMoney
     */
    public function outlay(int $boxes): ExactAmount
    {
        return $this->sum(static fn (PackLine $line): ?ExactAmount => $line->price?->times($line->packs($boxes)));
    }

    /**
     * What of that lies in the stash afterwards.
     *
     * @throws InvalidMoney
     */
    public function leftOver(int $boxes): ExactAmount
    {
        return $this->sum(static fn (PackLine $line): ?ExactAmount => $line->price
            ?->dividedAmong($line->pack)
            ->times($line->left($boxes)));
    }

    /**
     * The number of boxes for which least is left over a box; of several the largest.
     *
     * @throws InvalidMoney
     */
    public function best(int $from, int $to): int
    {
        $best = $from;
        $least = null;
        for ($boxes = $from; $boxes <= $to; $boxes++) {
            $each = $this->leftOver($boxes)->dividedAmong(max(1, $boxes));
            if ($least === null || $each->compareTo($least) <= 0) {
                [$least, $best] = [$each, $boxes];
            }
        }

        return $best;
    }

    /**
     * What has to be paid for a box, what is left over for later not counted.
     *
     * @throws InvalidMoney
     */
    public function eachBox(int $boxes): ExactAmount
    {
        return $this->outlay($boxes)->minus($this->leftOver($boxes))->dividedAmong(max(1, $boxes));
    }

    /**
     * The size of pack in which most things come that so many boxes use up to the last piece, and how many things these
     * are: “five come in threes”.
     *
     * @return array{int, int}|null the pieces in such a pack, and the things; null where there are no such packs
     */
    public function usedUp(int $boxes): ?array
    {
        $things = [];
        foreach ($this->packed($boxes) as $line) {
            if ($line->left($boxes) === 0) {
                $things[$line->pack] = ($things[$line->pack] ?? 0) + 1;
            }
        }
        if ($things === []) {
            return null;
        }
        // Of sizes in which as many come the larger decides more.
        krsort($things);
        arsort($things);
        $pack = array_key_first($things);

        return [$pack, $things[$pack]];
    }

    /** @return list<PackLine> of what must be bought and comes in packs, most left over first */
    public function packed(int $boxes): array
    {
        $lines = array_values(array_filter(
            $this->lines,
            static fn (PackLine $line): bool => $line->pack > 1 && $line->lacks($boxes) > 0,
        ));
        usort($lines, static fn (PackLine $a, PackLine $b): int => [$b->left($boxes), $a->kind->name]
            <=> [$a->left($boxes), $b->kind->name]);

        return $lines;
    }

    /** @return list<PackLine> of what has to be bought at a price that nobody knows */
    public function unknown(int $boxes): array
    {
        return array_values(array_filter(
            $this->lines,
            static fn (PackLine $line): bool => $line->price === null && $line->lacks($boxes) > 0,
        ));
    }

    /**
     * @param  callable(PackLine): ?ExactAmount  $amount
     *
     * @throws InvalidMoney
     */
    private function sum(callable $amount): ExactAmount
    {
        $sum = ExactAmount::zero($this->currency);
        foreach ($this->lines as $line) {
            $sum = $sum->plus($amount($line) ?? ExactAmount::zero($this->currency));
        }

        return $sum;
    }
}
