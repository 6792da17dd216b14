<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Filling;

use Closure;
use PluckyWren\Core\Box\Foretelling;
use PluckyWren\Core\Box\Foretold;
use PluckyWren\Core\Box\Gauges;
use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Guide\Rules\RuleBook;
use PluckyWren\Core\Guide\Weight;
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

    /** So many of each are looked at by the rules beforehand: cheaper than to choose anew again and again. */
    private const LOOKED_AT_NEEDED = 8;

    private const LOOKED_AT_BESIDE = 2;

    /** Where one thing after another is done without, each time so much of the room is poured full. */
    private const MUCH_LESS_ROOM = 0.88;

    /** A set that did not close makes way for one that takes so much of its room at most. */
    private const LESS_ROOM = 0.93;

    private const KINDS_BROUGHT_BACK = 3;

    /** What stayed out so often is not tried again. */
    private const AWKWARD = 3;

    /** How many flags there are in the box as it is. */
    private int $toMend = 0;

    private int $asks = 0;

    private int $tries = 0;

    /** What is left to spend, in the currency's smallest unit. */
    private float $money = INF;

    /** @var array<string, true> what would be taken out or warned of, by the candidate's id */
    private array $refused = [];

    /** @var array<string, true> */
    private array $askedAbout = [];

    /** @var array<string, int> how often each stayed out where a box did not close, by the candidate's id */
    private array $stayedOut = [];

    /** @var array<int, Option> what is settled, by slot */
    private array $fixed = [];

    /** What was tried last. */
    private ?Selection $last = null;

    /** Whether what stayed out the last time would not go in alone either. */
    private bool $foundTooLarge = false;

    /** @var array<string, true> what was looked at by the rules */
    private array $looked = [];

    private readonly Foretelling $foretelling;

    private readonly Slots $slots;

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
        private readonly array $candidates,
        private readonly Way $way,
        private readonly RuleBook $rules,
        private readonly Closure $try,
        private readonly int $turn = 0,
    ) {
        $now = Gauges::of($plan, null, $rules);
        $this->toMend = count($now->flags->toMend());
        $this->asks = count($now->flags->ofWeight(Weight::Ask));
        $this->foretelling = new Foretelling($plan, $rules);
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
        $this->lookAhead();
        $first = $this->select($whole);
        $best = $this->closing($first, $whole);
        $best ??= $this->withoutMostAwkward($first, $whole);
        if ($best !== null && $best->value < self::NEAR_ENOUGH * $first->value) {
            $best = $this->withoutAwkward($best, $whole);
        }
        $best = $best === null ? null : $this->besides($this->rescued($best, $whole), $whole);

        return $this->proposing($best ?? $this->last ?? $first, $best !== null);
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
        while (! $this->closes($selection)) {
            // Something else may go in with all that room in place of what would not go in alone either.
            $room = $this->foundTooLarge ? $room : self::LESS_ROOM * min($room, $selection->bulk);
            if ($this->tries >= self::MOST_TRIES / 3 || $selection->options === []) {
                return null;
            }
            $selection = $this->select($room);
        }
        $best = $selection;
        $tooMuch = $room < $whole ? $room / self::LESS_ROOM : null;
        for ($back = 0; $tooMuch !== null && $back < self::LOOKS_BACK && $this->tries < self::MOST_TRIES; $back++) {
            $room = ($best->bulk + $tooMuch) / 2;
            $selection = $this->select($room);
            if ($this->closes($selection)) {
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
        while ($this->tries < self::MOST_TRIES) {
            $awkward = $this->byAwkwardness($selection)[0] ?? null;
            if ($awkward === null) {
                return null;
            }
            $this->stayedOut[$awkward->id] = self::AWKWARD;
            $room *= self::MUCH_LESS_ROOM;
            $selection = $this->select($room);
            if ($this->closes($selection)) {
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
        $stayedOut = $this->stayedOut;
        foreach (array_slice($this->byAwkwardness($best), 0, self::DONE_WITHOUT) as $candidate) {
            $this->stayedOut = [$candidate->id => self::AWKWARD] + $stayedOut;
            foreach (self::ROOMS_WITHOUT as $share) {
                if ($this->tries >= self::MOST_TRIES) {
                    break 2;
                }
                $selection = $this->select($share * $whole);
                if ($selection->value <= $best->value) {
                    break;
                }
                if ($this->closes($selection)) {
                    $best = $selection;
                    $stayedOut = $this->stayedOut;
                    break;
                }
            }
        }
        $this->stayedOut = $stayedOut;

        return $best;
    }

    /** @return list<Candidate> what is chosen, by how long and how spread out it is against the box, the most first */
    private function byAwkwardness(Selection $selection): array
    {
        $inside = $this->plan->boxKind->inside;
        $candidates = array_column(self::lots($selection), 0);
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
        $slots = $this->slots->all($this->refused, $this->askedAbout);
        $given = $best;
        foreach ($slots as $at => $slot) {
            $lacks = $slot->isMust && ($best->options[$at] ?? null)?->count() !== $slot->lacks;
            if (! $lacks || $slot->options === [] || $this->tries >= self::MOST_TRIES) {
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
            if ($then !== null && $then->cost <= $this->money && $this->tries < self::MOST_TRIES
                && $this->mayAll($then, $slots) && $this->closes($then)) {
                return $then;
            }
        }

        return null;
    }

    /**
     * Look at what will most likely be chosen, so that little has to be chosen anew.
     *
     * @throws InvalidMoney
     * @throws TasksInACircle
     */
    private function lookAhead(): void
    {
        $likely = [];
        foreach ($this->slots->all([], []) as $slot) {
            $first = $slot->for === null ? self::LOOKED_AT_BESIDE : self::LOOKED_AT_NEEDED;
            array_push($likely, ...array_slice($slot->options, 0, $first));
        }
        array_walk($likely, $this->isNewlyAgainst(...));
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
            $slots = $this->slots->all($this->refused + $this->awkward(), $this->askedAbout);
            $slots = array_map(
                fn (Slot $slot, int $at): Slot => isset($this->fixed[$at]) ? $slot->only($this->fixed[$at]) : $slot,
                $slots,
                array_keys($slots),
            );
            $selection = (new Selecting($slots))->best($this->money, $room);
        } while (! $this->mayAll($selection, $slots));

        return $selection;
    }

    /**
     * Look at each thing alone, as far as that was not done, and then at all together.
     *
     * @param  list<Slot>  $slots
     *
     * @throws InvalidMoney
     * @throws TasksInACircle
     */
    private function mayAll(Selection $selection, array $slots): bool
    {
        if ($this->lookAt($selection, $slots)) {
            return false;
        }
        $then = Gauges::of($this->with($selection), null, $this->rules);
        if (count($then->flags->toMend()) <= $this->toMend && ! $then->money->isOver()) {
            return true;
        }
        $plan = $this->plan;
        // One of them does not go with the others: the first that a flag comes with is left.
        foreach (self::lots($selection) as [$candidate, $count]) {
            $told = (new Foretelling($plan, $this->rules))->picked($candidate->times($count));
            if (count($told->flags->toMend()) > $this->toMend || $told->isOverBudget()) {
                $this->refused[$candidate->id] = true;

                return false;
            }
            $plan = $plan->withPicked($candidate->times($count));
        }

        return true;
    }

    /**
     * Look at what is chosen, and where something is spoken against at what comes next in its place, until one is not.
     *
     * @param  list<Slot>  $slots
     * @return bool whether anything chosen is spoken against that was not known to be
     *
     * @throws InvalidMoney
     * @throws TasksInACircle
     */
    private function lookAt(Selection $selection, array $slots): bool
    {
        $isAny = false;
        foreach ($selection->options as $at => $chosen) {
            if (! $this->isNewlyAgainst($chosen)) {
                continue;
            }
            $isAny = true;
            foreach ($slots[$at]->options as $option) {
                if ($option->value <= $chosen->value && $option !== $chosen && ! $this->isNewlyAgainst($option)) {
                    break;
                }
            }
        }

        return $isAny;
    }

    /**
     * @throws InvalidMoney
     * @throws TasksInACircle
     */
    private function isNewlyAgainst(Option $option): bool
    {
        $isAny = false;
        foreach ($option->lots as [$candidate, $count]) {
            if (! isset($this->looked[$candidate->id])) {
                $this->looked[$candidate->id] = true;
                $isAny = $this->isSpokenAgainst($candidate, $this->foretelling->picked($candidate->times($count)))
                    || $isAny;
            }
        }

        return $isAny;
    }

    private function isSpokenAgainst(Candidate $candidate, Foretold $then): bool
    {
        if (count($then->flags->toMend()) > $this->toMend) {
            $this->refused[$candidate->id] = true;

            return true;
        }
        if (count($then->flags->ofWeight(Weight::Ask)) > $this->asks) {
            $this->askedAbout[$candidate->id] = true;

            return true;
        }

        return false;
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
        $slots = $this->slots->all($this->refused, $this->askedAbout);
        $selecting = new Selecting($slots);
        $tried = 0;
        foreach ($selecting->gains($best, $this->money, $room) as [$at, $option]) {
            if ($tried++ >= self::TRIED_BESIDE || $this->tries >= self::MOST_TRIES) {
                break;
            }
            $then = $selecting->exchange($best, $at, $option);
            if ($then !== null && $this->mayAll($then, $slots) && $this->closes($then)) {
                $best = $then;
            }
        }

        return $best;
    }

    private function closes(Selection $selection): bool
    {
        $this->tries++;
        $this->last = $selection;
        $tried = ($this->try)($this->with($selection));
        $this->foundTooLarge = false;
        foreach (self::lots($selection) as [$candidate]) {
            if (in_array($candidate->one->id, $tried->leftOut, true)) {
                $this->stayedOut($candidate);
            }
        }

        return $tried->closes;
    }

    private function with(Selection $selection): Plan
    {
        $lots = self::lots($selection);
        // What is picked comes off what is still to buy of its kind: so what is to be bought comes last.
        usort($lots, static fn (array $a, array $b): int => $a[0]->one->isToBuy() <=> $b[0]->one->isToBuy());

        return array_reduce(
            $lots,
            static fn (Plan $plan, array $lot): Plan => $plan->withPicked($lot[0]->times($lot[1])),
            $this->plan,
        );
    }

    /** @return list<array{Candidate, int}> in the order of the slots */
    private static function lots(Selection $selection): array
    {
        return array_merge(...array_column($selection->inOrder(), 'lots'));
    }

    /** @throws TasksInACircle */
    private function proposing(Selection $selection, bool $closes): Proposal
    {
        $chosen = [];
        $slots = $this->slots->all($this->refused, $this->askedAbout);
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

        return new Proposal($this->with($selection), $chosen, $givenUp, $closes);
    }

    /** What stays out is tried alone once: what does not go in then never will. */
    private function stayedOut(Candidate $candidate): void
    {
        $times = ($this->stayedOut[$candidate->id] ?? 0) + 1;
        if ($times === 1 && $this->tries < self::MOST_TRIES / 3) {
            $this->tries++;
            if (! ($this->try)($this->plan->withPicked($candidate->one))->closes) {
                $times = self::AWKWARD;
                $this->foundTooLarge = true;
            }
        }
        $this->stayedOut[$candidate->id] = $times;
    }

    /** @return array<string, true> what stays out again and again, whatever else goes in; by the candidate's id */
    private function awkward(): array
    {
        return array_map(
            static fn (): bool => true,
            array_filter($this->stayedOut, static fn (int $times): bool => $times >= self::AWKWARD),
        );
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
                : $piece->kind->handling->squeeze * $piece->thing->measures->size->volume() * $piece->quantity,
            $pieces,
        ));
    }
}
