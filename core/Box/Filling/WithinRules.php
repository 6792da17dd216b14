<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Filling;

use PluckyWren\Core\Box\Foretelling;
use PluckyWren\Core\Box\Foretold;
use PluckyWren\Core\Box\Gauges;
use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Guide\Rules\RuleBook;
use PluckyWren\Core\Guide\Weight;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Stash\Preparation\TasksInACircle;

/** Holds what is chosen for a box against rules and budget: nothing goes in that would be taken out or warned of. */
final class WithinRules
{
    /** So many of each are looked at beforehand: cheaper than to choose anew again and again. */
    private const LOOKED_AT_NEEDED = 20;

    private const LOOKED_AT_BESIDE = 4;

    /** @var array<string, true> what would be taken out or warned of, by the candidate's id */
    public array $refused = [];

    /** @var array<string, true> what would have to be asked about */
    public array $askedAbout = [];

    /** How many flags there are in the box as it is. */
    private readonly int $toMend;

    private readonly int $asks;

    /** @var array<string, true> what was looked at */
    private array $looked = [];

    private readonly Foretelling $foretelling;

    /**
     * @throws InvalidMoney
     * @throws TasksInACircle
     */
    public function __construct(private readonly Plan $plan, private readonly RuleBook $rules)
    {
        $now = Gauges::of($plan, null, $rules);
        $this->toMend = count($now->flags->toMend());
        $this->asks = count($now->flags->ofWeight(Weight::Ask));
        $this->foretelling = new Foretelling($plan, $rules);
    }

    /**
     * Look at what will most likely be chosen, so that little has to be chosen anew.
     *
     * @param  list<Slot>  $slots
     *
     * @throws InvalidMoney
     * @throws TasksInACircle
     */
    public function lookAhead(array $slots): void
    {
        $likely = [];
        foreach ($slots as $slot) {
            $first = $slot->for === null ? self::LOOKED_AT_BESIDE : self::LOOKED_AT_NEEDED;
            array_push($likely, ...array_slice($slot->options, 0, $first));
        }
        array_walk($likely, $this->isNewlyAgainst(...));
    }

    /**
     * Look at each thing alone, as far as that was not done, and then at all together.
     *
     * @param  list<Slot>  $slots
     *
     * @throws InvalidMoney
     * @throws TasksInACircle
     */
    public function mayAll(Selection $selection, array $slots): bool
    {
        if ($this->lookAt($selection, $slots)) {
            return false;
        }
        $then = Gauges::of($selection->in($this->plan), null, $this->rules);
        if (count($then->flags->toMend()) <= $this->toMend && ! $then->money->isOver()) {
            return true;
        }
        $plan = $this->plan;
        // One of them does not go with the others: the first that a flag comes with is left.
        foreach ($selection->lots() as [$candidate, $count]) {
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
}
