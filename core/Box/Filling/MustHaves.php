<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Filling;

use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Stash\Preparation\TasksInACircle;

/**
 * Brings back what a box must have and was given up, with all else out that is no must-have: in its smallest form, and
 * where that does not go in either, with something less awkward in the place of another must-have.
 */
final readonly class MustHaves
{
    private const KINDS_BROUGHT_BACK = 3;

    /** In place of so many others that are asked for something else is tried, so much less awkward at least. */
    private const TRIED_IN_PLACE = 3;

    private const LESS_AWKWARD = 0.8;

    /** @param float $money what is left to spend, in the currency's smallest unit */
    public function __construct(
        private WithinRules $rules,
        private PackingTries $tries,
        private Awkwardness $awkwardness,
        private float $money,
    ) {}

    /**
     * Get must-haves only, more of them than in what is given; the same as is given where none comes back.
     *
     * @param  list<Slot>  $slots
     *
     * @throws InvalidMoney
     * @throws TasksInACircle
     */
    public function broughtBack(Selection $best, array $slots): Selection
    {
        foreach ($slots as $at => $slot) {
            $lacks = $slot->isMust && ($best->options[$at] ?? null)?->count() !== $slot->lacks;
            if (! $lacks || $slot->options === [] || $this->tries->areOver()) {
                continue;
            }
            $then = clone $best;
            foreach ($slots as $other => $one) {
                if (! $one->isMust) {
                    $then->put($other, $one, null);
                }
            }
            $best = $this->with($then, $at, $slots) ?? $best;
        }

        return $best;
    }

    /**
     * @param  list<Slot>  $slots
     *
     * @throws InvalidMoney
     * @throws TasksInACircle
     */
    private function with(Selection $musts, int $at, array $slots): ?Selection
    {
        $smallest = $slots[$at]->options;
        usort($smallest, static fn (Option $a, Option $b): int => [$b->count(), $a->bulk]
            <=> [$a->count(), $b->bulk]);
        $kinds = [];
        foreach ($smallest as $option) {
            // One of a kind: what does not go in as this does not as its like either.
            $kind = $option->lots[0][0]->one->kind->id;
            if (isset($kinds[$kind]) || count($kinds) === self::KINDS_BROUGHT_BACK) {
                continue;
            }
            $kinds[$kind] = true;
            $then = $this->put($musts, $at, $slots[$at], $option);
            if ($then === null) {
                continue;
            }
            $isGood = ! $this->tries->areOver() && $this->rules->mayAll($then, $slots) && $this->tries->closes($then);
            $then = $isGood ? $then : $this->besideOthers($then, $at, $slots);
            if ($then !== null) {
                return $then;
            }
        }

        return null;
    }

    /**
     * What does not go in beside something else that is asked for may beside another of its kind: try so for each of
     * the most awkward.
     *
     * @param  list<Slot>  $slots
     *
     * @throws InvalidMoney
     * @throws TasksInACircle
     */
    private function besideOthers(Selection $musts, int $kept, array $slots): ?Selection
    {
        $others = array_diff_key($musts->options, [$kept => true]);
        uasort($others, fn (Option $a, Option $b): int => $this->awkwardness->ofOption($b)
            <=> $this->awkwardness->ofOption($a));
        $tried = 0;
        foreach ($others as $at => $there) {
            foreach ($slots[$at]->options as $option) {
                $then = $this->isMuchLessAwkward($option, $there)
                    ? $this->put($musts, $at, $slots[$at], $option)
                    : null;
                if ($then === null || ! $this->rules->mayAll($then, $slots)) {
                    continue;
                }
                if ($tried++ === self::TRIED_IN_PLACE || $this->tries->areOver()) {
                    return null;
                }
                if ($this->tries->closes($then)) {
                    return $then;
                }
                break;
            }
        }

        return null;
    }

    private function isMuchLessAwkward(Option $option, Option $there): bool
    {
        return $option->count() >= $there->count() && $this->awkwardness->ofOption($option)
            <= self::LESS_AWKWARD * $this->awkwardness->ofOption($there);
    }

    /** The same with an option in a slot; null where it may not stand there, or is too dear. */
    private function put(Selection $musts, int $at, Slot $slot, Option $option): ?Selection
    {
        $then = $musts->allows($at, $slot, $option) ? clone $musts : null;
        $then?->put($at, $slot, $option);

        return $then !== null && $then->cost <= $this->money ? $then : null;
    }
}
