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
    private const MOST_TRIES = 24;

    /** Of these so many are for looking back, once a set closes: the room between it and what did not. */
    private const LOOKS_BACK = 3;

    private const TRIED_BESIDE = 6;

    /** As much of what could be at best is near enough. */
    private const NEAR_ENOUGH = 0.985;

    /** So many of the largest are done without in turn, each with so much of the room poured full. */
    private const DONE_WITHOUT = 2;

    private const ROOMS_WITHOUT = [0.93, 0.84];

    /** Where one thing after another is done without, each time so much of the room is poured full. */
    private const MUCH_LESS_ROOM = 0.88;

    /** A set that did not close makes way for one that takes so much of its room at most. */
    private const LESS_ROOM = 0.93;

    /** What is left to spend, in the currency's smallest unit. */
    private float $money = INF;

    /** @var array<int, Option> what is settled, by slot */
    private array $fixed = [];

    private readonly Slots $slots;

    private readonly WithinRules $rules;

    private readonly PackingTries $tries;

    private readonly Awkwardness $awkwardness;

    /**
     * @param  list<Candidate>  $candidates
     * @param  Closure(Plan, bool): Tried  $try  packs a box, at a glance or with patience, and tells if its lid closes
     *     over all
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
        $this->awkwardness = new Awkwardness($plan->boxKind->inside);
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
        $inside = $this->plan->boxKind->inside;
        $there = $this->bulkOf($this->plan->pieces);
        $whole = $inside->volume() - $there;
        // What leans out beyond the floor takes little but soft things: at first that is not counted on.
        $room = min($whole, $inside->floorLength * $inside->floorWidth * $inside->height - $there);
        $this->rules->lookAhead($this->slots->all([], []));
        $most = $this->select($whole);
        $first = $most->bulk <= $room ? $most : $this->select($room);
        $best = $this->closing($first, $room) ?? $this->withoutMostAwkward($first, $room);
        if ($best === null) {
            return $this->proposing($this->tries->last ?? $first, false);
        }
        $best = $this->rescued($best, $room);
        if ($best->value < self::NEAR_ENOUGH * $most->value) {
            $best = $this->withoutAwkward($best, $room);
        }

        $best = $this->besides($this->bestOfAlike($best, $whole), $whole);

        return $this->proposing($this->bestOfAlike($best, $whole), true);
    }

    /**
     * Of the sets that are worth most within less and less room the first that closes; and then with more again, as far
     * as it does.
     *
     * @throws InvalidMoney
     * @throws TasksInACircle
     */
    private function closing(Selection $first, float $most): ?Selection
    {
        $room = $most;
        $selection = $first;
        while (! $this->tries->closes($selection, atAGlance: true)) {
            // Something else may go in with all that room in place of what would not go in alone either.
            $room = $this->tries->foundTooLarge ? $room : self::LESS_ROOM * min($room, $selection->bulk);
            if ($this->tries->areLong() || $selection->options === []) {
                return null;
            }
            $selection = $this->select($room);
        }
        $best = $selection;
        $tooMuch = $room < $most ? $room / self::LESS_ROOM : null;
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
    private function withoutMostAwkward(Selection $first, float $room): ?Selection
    {
        $selection = $first;
        while (! $this->tries->areOver()) {
            $awkward = $this->awkwardness->order($selection)[0] ?? null;
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
    private function withoutAwkward(Selection $best, float $room): Selection
    {
        foreach (array_slice($this->awkwardness->order($best), 0, self::DONE_WITHOUT) as $candidate) {
            $this->tries->doWithout($candidate);
            $without = $this->anyCloser($best, $room);
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
    private function anyCloser(Selection $best, float $room): ?Selection
    {
        foreach (self::ROOMS_WITHOUT as $share) {
            $selection = $this->tries->areOver() ? $best : $this->select($share * $room);
            if ($selection->value <= $best->value) {
                return null;
            }
            if ($this->tries->closes($selection)) {
                return $selection;
            }
        }

        return null;
    }

    /**
     * Bring back the must-haves that were given up; all else comes back afterwards, as far as there is room.
     *
     * @throws InvalidMoney
     * @throws TasksInACircle
     */
    private function rescued(Selection $best, float $room): Selection
    {
        $slots = $this->slots->all($this->rules->refused, $this->rules->askedAbout);
        $musts = (new MustHaves($this->rules, $this->tries, $this->awkwardness, $this->money))
            ->broughtBack($best, $slots);
        if ($musts === $best) {
            return $best;
        }
        $this->fixed = array_filter(
            $musts->options,
            static fn (int $at): bool => $slots[$at]->isMust,
            ARRAY_FILTER_USE_KEY,
        );
        $with = $this->closing($this->select(self::LESS_ROOM * $room), self::LESS_ROOM * $room);

        return $with !== null && $with->value > $musts->value ? $with : $musts;
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
        $exchanges = new Exchanges($slots, $this->money, $room);
        $tried = 0;
        foreach ($exchanges->gains($best) as [$at, $option]) {
            if ($tried++ >= self::TRIED_BESIDE || $this->tries->areOver()) {
                break;
            }
            $then = $exchanges->exchange($best, $at, $option);
            if ($then !== null && $this->rules->mayAll($then, $slots) && $this->tries->closes($then)) {
                $best = $then;
            }
        }

        return $best;
    }

    /**
     * Take the best of things that go into a box in the same way: what was done without to make room stood in nobody's
     * way where its like went in. It closes as it did, so that nothing is tried.
     *
     * @throws InvalidMoney
     * @throws TasksInACircle
     */
    private function bestOfAlike(Selection $selection, float $room): Selection
    {
        do {
            $better = null;
            $slots = $this->slots->all($this->rules->refused, $this->rules->askedAbout);
            $exchanges = new Exchanges($slots, $this->money, $room);
            foreach ($exchanges->gains($selection) as [$at, $option]) {
                $there = $selection->options[$at] ?? null;
                $then = $there?->packsLike($option) === true
                    ? $exchanges->exchange($selection, $at, $option)
                    : null;
                if ($then !== null && $this->rules->mayAll($then, $slots)) {
                    $selection = $better = $then;
                    break;
                }
            }
        } while ($better !== null);

        return $selection;
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
