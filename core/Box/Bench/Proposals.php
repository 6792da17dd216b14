<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Bench;

use PluckyWren\Core\Fit\Answer\Swap;
use PluckyWren\Core\Fit\Answer\Trial;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Part;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Result;
use PluckyWren\Core\Fit\Solve\Elsewhere;
use PluckyWren\Core\Fit\Verdict;

/** What to do about a piece that did not go in: around what is in, which never moves. */
final readonly class Proposals
{
    /** So many other places are tried, the lowest first. */
    private const WAYS = 2;

    /** So many pieces are tried to be taken back out, the last that went in first. */
    private const OUT = 1;

    /** So many smaller ones are tried. */
    private const SMALLER = 2;

    public function __construct(private Trial $trial) {}

    /**
     * @param  Problem  $problem  the whole box
     * @param  string  $item  the id of the item that did not go in
     * @param  Part  $refused  where it was to go
     * @param  list<Placement>  $plan  that is followed, by steps
     * @return non-empty-list<Proposal> at least that it is left behind, which always can be done
     */
    public function for(
        Problem $problem,
        Packed $packed,
        string $item,
        Part $refused,
        Refusal $how,
        array $plan,
    ): array {
        $left = $packed->around($problem);
        $elsewhere = $this->elsewhere($left, $item, $refused, $how);
        $proposals = $elsewhere === null ? [] : [new Proposal('elsewhere', $elsewhere)];
        $proposals[] = new Proposal('behind', $this->behind($problem, $packed, $item, $plan));
        foreach (array_slice($packed->free(), 0, self::OUT) as $move) {
            $without = $this->trial->of($packed->without($move)->around($problem));
            if ($without->packsAll() && self::suits($without, $item, $refused, $how)) {
                $proposals[] = new Proposal('out', $without, $move->first()->id);

                break;
            }
        }

        return $proposals;
    }

    /**
     * What else would help, where nothing of the item is in yet: a smaller one of its kind in its place, or what rides
     * in it loose beside it.
     *
     * @param  list<Swap>  $smaller  ones for it, the best first
     * @return list<Proposal> those by which all goes in
     */
    public function further(Problem $problem, Packed $packed, string $item, array $smaller): array
    {
        $singles = $problem->singles();
        $isIn = array_filter(
            array_keys($singles),
            static fn (int|string $id): bool => Item::idOf((string) $id) === $item && $packed->isIn((string) $id),
        ) !== [];
        $proposals = [];
        foreach ($isIn ? [] : array_slice($smaller, 0, self::SMALLER) as $swap) {
            $plan = $this->trial->of($packed->around($problem->with($swap->instead)));
            if ($plan->packsAll()) {
                $proposals[] = new Proposal('smaller', $plan, swap: $swap);

                break;
            }
        }
        $loose = self::loose($problem, $item);
        $plan = $isIn || $loose === null ? null : $this->trial->of($packed->around($loose));
        if ($plan?->packsAll() === true) {
            $proposals[] = new Proposal('loose', $plan);
        }

        return $proposals;
    }

    /** The problem with what rides in an item loose beside it; null where nothing does. */
    private static function loose(Problem $problem, string $item): ?Problem
    {
        $isRider = static fn (Item $one): bool => $one->into !== null && Item::idOf($one->into) === $item;
        if (array_filter($problem->items, $isRider) === []) {
            return null;
        }

        return new Problem($problem->box, array_map(
            static fn (Item $one): Item => $isRider($one) ? $one->loose() : $one,
            $problem->items,
        ), $problem->order, $problem->pinned);
    }

    /**
     * All the rest where it was to go, unless another plan closes better.
     *
     * @param  list<Placement>  $plan  that is followed, by steps
     */
    private function behind(Problem $problem, Packed $packed, string $item, array $plan): Result
    {
        $left = $packed->around($packed->leavingBehind($problem, $item));
        $same = SamePlan::without($left, $item, $plan);
        $closes = $same?->closure->verdict ?? Verdict::Open;
        if ($same !== null && $closes === Verdict::Flat) {
            return $same;
        }
        $other = $this->trial->of($left);
        $isBetter = $other->packsAll() && $other->closure?->verdict->isBetterThan($closes) === true;

        return $same === null || $isBetter ? $other : $same;
    }

    /** A plan around what is in, with the piece somewhere else next of all; null where none of a few packs all. */
    private function elsewhere(Problem $left, string $item, Part $refused, Refusal $how): ?Result
    {
        $single = $left->freeSinglesOf($item)[0] ?? null;
        if ($single === null) {
            return null;
        }
        $below = $how === Refusal::TooTall || $how === Refusal::Bulges ? $refused->top() : PHP_INT_MAX;
        $places = Elsewhere::placements($left, $single, $refused, $below);
        foreach (array_slice($places, 0, self::WAYS) as $placement) {
            $plan = $this->trial->of(new Problem(
                $left->box,
                array_map(
                    static fn (Item $one): Item => $one->id === $item ? $one->together(false) : $one,
                    $left->items,
                ),
                $left->order,
                [...$left->pinned, $placement],
            ));
            if ($plan->packsAll()) {
                return $plan;
            }
        }

        return null;
    }

    /** Determine if the piece lies elsewhere in a plan, and lower where it was too tall or bulged. */
    private static function suits(Result $plan, string $item, Part $refused, Refusal $how): bool
    {
        foreach ($plan->placements as $placement) {
            if (Item::idOf($placement->id) !== $item || $placement->in !== null) {
                continue;
            }
            $part = $placement->parts[0];
            $isLower = $how === Refusal::TooTall || $how === Refusal::Bulges;

            return $part != $refused && (! $isLower || $part->top() < $refused->top());
        }

        return true;
    }
}
