<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Filling;

use Closure;
use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Guide\Rules\RuleBook;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Stash\Preparation\TasksInACircle;

/**
 * Fills a box from what lies free: what its guide asks for, what it wishes, and what else is worth it, together the set
 * that is worth most (`Worth`). What is in it stays. Nothing is chosen that would be taken out or warned of, nor beyond
 * the budget; and the lid closes by a real packing: a set that does not close makes way for the best one that takes
 * less room.
 */
final class Filling
{
    /** Each try packs a box anew; so many are waited for, those with one thing alone among them. */
    private const MOST_TRIES = 28;

    /** Of these so many are for looking back, once a set closes: the room between it and what did not. */
    private const LOOKS_BACK = 3;

    private const TRIED_BESIDE = 6;

    /** As much of what could be at best is near enough. */
    private const NEAR_ENOUGH = 0.985;

    /** So many of the largest are done without in turn, each with so much of the room poured full. */
    private const DONE_WITHOUT = 4;

    private const ROOMS_WITHOUT = [0.93, 0.84];

    /** Where one thing after another is done without, each time so much of the room is poured full. */
    private const MUCH_LESS_ROOM = 0.88;

    /** A set that did not close makes way for one that takes so much of its room at most. */
    private const LESS_ROOM = 0.93;

    private const KINDS_BROUGHT_BACK = 3;

    /** What is left to spend, in the currency's smallest unit. */
    private float $money = INF;

    /** @var array<int, Option> what is settled, by slot */
    private array $fixed = [];

    private readonly Slots $slots;

    private readonly WithinRules $rules;

    private readonly PackingTries $tries;

    /**
     * @param  list<Candidate>  $candidates
     * @param  Closure(Plan): Tried  $try  packs a box and tells if its lid closes over all
     * @param  int  $turn  another gives another proposal, as good as can be by other taste
     *
     * @throws InvalidMoney
     * @throws TasksInACircle
     */
    public function __construct(
        private readonly Plan $plan,
        array $candidates,
        Way $way,
        RuleBook $rules,
        Closure $try,
        int $turn = 0,
    ) {
        $this->rules = new WithinRules($plan, $rules);
        $this->tries = new PackingTries($plan, $try, self::MOST_TRIES);
        $this->slots = new Slots($plan, $candidates, new Worth($way, $plan->boxKind->inside->volume(), $turn));
        $budget = $plan->funds->budget;
        if ($budget !== null) {
            $spent = array_sum(array_map(
                static fn (PlannedPiece $piece): float => $piece->cost()?->minor->toFloat() ?? 0.0,
                $plan->pieces,
            ));
            // What is rounded up in the end would be a cent too much: half of one is left.
            $this->money = $budget->minor - $plan->funds->sendingGift->minor - $spent + 0.499;
        }
    }

    /**
     * @throws InvalidMoney
     * @throws TasksInACircle
     */
    public function proposal(): Proposal
    {
        $whole = $this->plan->boxKind->inside->volume() - $this->bulkOf($this->plan->pieces);
        $this->rules->lookAhead($this->slots->all([], []));
        $first = $this->select($whole);
        $best = $this->closing($first, $whole);
        $best ??= $this->withoutMostAwkward($first, $whole);
        if ($best !== null && $best->value < self::NEAR_ENOUGH * $first->value) {
            $best = $this->withoutAwkward($best, $whole);
        }
        $best = $best === null ? null : $this->besides($this->rescued($best, $whole), $whole);

        return $this->proposing($best ?? $this->tries->last ?? $first, $best !== null);
    }

    /**
     * Of the sets that are worth most within less and less room the first that closes; and then with more again, as far
     * as it does.
     *
     * @throws InvalidMoney
     * @throws TasksInACircle
     */
    private function closing(Selection $first, float $whole): ?Selection
    {
        $room = $whole;
        $selection = $first;
        while (! $this->tries->closes($selection)) {
            // Something else may go in with all that room in place of what would not go in alone either.
            $room = $this->tries->foundTooLarge ? $room : self::LESS_ROOM * min($room, $selection->bulk);
            if ($this->tries->areLong() || $selection->options === []) {
                return null;
            }
            $selection = $this->select($room);
        }
        $best = $selection;
        $tooMuch = $room < $whole ? $room / self::LESS_ROOM : null;
        for ($back = 0; $tooMuch !== null && $back < self::LOOKS_BACK && ! $this->tries->areOver(); $back++) {
            $room = ($best->bulk + $tooMuch) / 2;
            $selection = $this->select($room);
            if ($this->tries->closes($selection)) {
                $best = $selection->value > $best->value ? $selection : $best;
            } else {
                $tooMuch = $room;
            }
        }

        return $best;
    }

    /**
     * Where nothing closed, it is for things that fit beside nothing: do without one after another, the most awkward
     * first, and with less and less, until the rest closes.
     *
     * @throws InvalidMoney
     * @throws TasksInACircle
     */
    private function withoutMostAwkward(Selection $first, float $whole): ?Selection
    {
        $selection = $first;
        $room = $whole;
        while (! $this->tries->areOver()) {
            $awkward = $this->byAwkwardness($selection)[0] ?? null;
            if ($awkward === null) {
                return null;
            }
            $this->tries->doWithout($awkward);
            $room *= self::MUCH_LESS_ROOM;
            $selection = $this->select($room);
            if ($this->tries->closes($selection)) {
                return $selection;
            }
        }

        return null;
    }

    /**
     * Where much had to give way, it may be for one such thing: try to do without each of the most awkward.
     *
     * @throws InvalidMoney
     * @throws TasksInACircle
     */
    private function withoutAwkward(Selection $best, float $whole): Selection
    {
        foreach (array_slice($this->byAwkwardness($best), 0, self::DONE_WITHOUT) as $candidate) {
            $this->tries->doWithout($candidate);
            $without = $this->anyCloser($best, $whole);
            if ($without === null) {
                $this->tries->forget($candidate);
            }
            $best = $without ?? $best;
        }

        return $best;
    }

    /**
     * @return Selection|null one that closes and is worth more
     *
     * @throws InvalidMoney
     * @throws TasksInACircle
     */
    private function anyCloser(Selection $best, float $whole): ?Selection
    {
        foreach (self::ROOMS_WITHOUT as $share) {
            $selection = $this->tries->areOver() ? $best : $this->select($share * $whole);
            if ($selection->value <= $best->value) {
                return null;
            }
            if ($this->tries->closes($selection)) {
                return $selection;
            }
        }

        return null;
    }

    /** @return list<Candidate> what is chosen, by how long and how spread out it is against the box, the most first */
    private function byAwkwardness(Selection $selection): array
    {
        $inside = $this->plan->boxKind->inside;
        $candidates = array_column($selection->lots(), 0);
        $awkwardness = static function (Candidate $one) use ($inside): float {
            [$long, $wide] = $one->one->thing->measures->size->sides();

            return $long / $inside->floorLength + $long * $wide / ($inside->floorLength * $inside->floorWidth);
        };
        usort($candidates, static fn (Candidate $a, Candidate $b): int => $awkwardness($b) <=> $awkwardness($a));

        return $candidates;
    }

    /**
     * Try to bring back each must-have that was given up, in its smallest form and with all else out that is none:
     * that comes back afterwards, as far as there is room.
     *
     * @throws InvalidMoney
     * @throws TasksInACircle
     */
    private function rescued(Selection $best, float $whole): Selection
    {
        $slots = $this->slots->all($this->rules->refused, $this->rules->askedAbout);
        $given = $best;
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
            $best = $this->broughtBack($then, $at, $slot, $slots) ?? $best;
        }
        if ($best === $given) {
            return $best;
        }
        $this->fixed = array_filter(
            $best->options,
            static fn (int $at): bool => $slots[$at]->isMust,
            ARRAY_FILTER_USE_KEY,
        );
        $room = self::LESS_ROOM * $whole;
        $with = $this->closing($this->select($room), $room);

        return $with !== null && $with->value > $best->value ? $with : $best;
    }

    /**
     * @param  list<Slot>  $slots
     *
     * @throws InvalidMoney
     * @throws TasksInACircle
     */
    private function broughtBack(Selection $musts, int $at, Slot $slot, array $slots): ?Selection
    {
        $smallest = $slot->options;
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
            $then = $musts->allows($at, $slot, $option) ? clone $musts : null;
            $then?->put($at, $slot, $option);
            if ($then !== null && $then->cost <= $this->money && ! $this->tries->areOver()
                && $this->rules->mayAll($then, $slots) && $this->tries->closes($then)) {
                return $then;
            }
        }

        return null;
    }

    /**
     * What is worth most within so much room, all of it within the rules.
     *
     * @throws InvalidMoney
     * @throws TasksInACircle
     */
    private function select(float $room): Selection
    {
        do {
            $slots = $this->slots->all($this->rules->refused + $this->tries->awkward(), $this->rules->askedAbout);
            $slots = array_map(
                fn (Slot $slot, int $at): Slot => isset($this->fixed[$at]) ? $slot->only($this->fixed[$at]) : $slot,
                $slots,
                array_keys($slots),
            );
            $selection = (new Selecting($slots))->best($this->money, $room);
        } while (! $this->rules->mayAll($selection, $slots));

        return $selection;
    }

    /**
     * Try what would be worth more beside what is chosen, the most first: a sum of volumes does not tell what shapes
     * go together.
     *
     * @throws InvalidMoney
     * @throws TasksInACircle
     */
    private function besides(Selection $best, float $room): Selection
    {
        $slots = $this->slots->all($this->rules->refused, $this->rules->askedAbout);
        $selecting = new Selecting($slots);
        $tried = 0;
        foreach ($selecting->gains($best, $this->money, $room) as [$at, $option]) {
            if ($tried++ >= self::TRIED_BESIDE || $this->tries->areOver()) {
                break;
            }
            $then = $selecting->exchange($best, $at, $option);
            if ($then !== null && $this->rules->mayAll($then, $slots) && $this->tries->closes($then)) {
                $best = $then;
            }
        }

        return $best;
    }

    /** @throws TasksInACircle */
    private function proposing(Selection $selection, bool $closes): Proposal
    {
        $chosen = [];
        $slots = $this->slots->all($this->rules->refused, $this->rules->askedAbout);
        $givenUp = [];
        foreach ($slots as $at => $slot) {
            $option = $selection->options[$at] ?? null;
            foreach ($option->lots ?? [] as [$candidate, $count]) {
                $chosen[] = new Chosen($candidate, $count, $slot->for, $slot->isMust);
            }
            if ($slot->isMust && ($option === null || $option->count() < $slot->lacks)) {
                $givenUp[(string) $slot->for] = $this->why($at, $slot, $selection);
            }
        }

        return new Proposal($selection->in($this->plan), $chosen, $givenUp, $closes);
    }

    /** @throws TasksInACircle */
    private function why(int $at, Slot $slot, Selection $selection): GivenUp
    {
        $whole = array_filter($slot->options, static fn (Option $one): bool => $one->count() >= $slot->lacks);
        if ($whole === []) {
            $all = $this->slots->all([], [])[$at];
            $wouldDo = array_filter($all->options, static fn (Option $one): bool => $one->count() >= $slot->lacks);

            return $wouldDo === [] ? GivenUp::Nothing : GivenUp::Flagged;
        }
        $least = min(array_map(static fn (Option $one): float => $one->cost, $whole));
        $there = $selection->options[$at]->cost ?? 0.0;

        return $selection->cost - $there + $least > $this->money ? GivenUp::Money : GivenUp::Room;
    }

    /**
     * @param  list<PlannedPiece>  $pieces
     * @return float in cubic tenths of a millimetre; what rides in another takes none
     */
    private function bulkOf(array $pieces): float
    {
        return array_sum(array_map(
            fn (PlannedPiece $piece): float => $this->plan->pieceIn($piece) !== null ? 0.0
                : $piece->thing->leastRoom() * $piece->quantity,
            $pieces,
        ));
    }
}
