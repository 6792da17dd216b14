<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Filling;

use PluckyWren\Core\Box\Plan;

/** Which option was chosen for each slot, and what they come to. */
final class Selection
{
    public float $value = 0.0;

    public float $cost = 0.0;

    public float $bulk = 0.0;

    public int $extras = 0;

    /** @var array<int, Option> by slot */
    public array $options = [];

    /** @var array<string, int> how many slots take of a candidate, by its id; it is taken for one only */
    private array $taken = [];

    /** @var array<string, int> how many slots take of a kind, by its id */
    private array $kinds = [];

    /** @var array<string, int> the same, of slots that are neither need nor wish */
    private array $beside = [];

    /** Determine if an option may stand in a slot beside all that is chosen for the others. */
    public function allows(int $at, Slot $slot, Option $option): bool
    {
        $there = $this->options[$at] ?? null;
        foreach ($option->lots as [$candidate]) {
            $own = $there !== null && in_array($candidate, array_column($there->lots, 0), true);
            if (($this->taken[$candidate->id] ?? 0) > ($own ? 1 : 0)) {
                return false;
            }
            // One of a kind beside the needs: a second is no surprise.
            $kind = $candidate->one->kind->id;
            $ofOwn = $there === null ? 0 : count(array_filter(
                $there->lots,
                static fn (array $lot): bool => $lot[0]->one->kind->id === $kind,
            ));
            $others = $slot->for === null ? $this->kinds[$kind] ?? 0 : $this->beside[$kind] ?? 0;
            if ($others > ($slot->for === null ? $ofOwn : 0)) {
                return false;
            }
        }

        return $slot->for !== null || $there !== null || $this->extras < Worth::MOST_EXTRAS;
    }

    public function put(int $at, Slot $slot, ?Option $option): void
    {
        $this->count($slot, $this->options[$at] ?? null, -1);
        unset($this->options[$at]);
        $this->count($slot, $option, 1);
        if ($option !== null) {
            $this->options[$at] = $option;
        }
    }

    /** @return list<Option> in the order of the slots */
    public function inOrder(): array
    {
        $options = $this->options;
        ksort($options);

        return array_values($options);
    }

    /** A box with all of it in. */
    public function in(Plan $plan): Plan
    {
        $lots = $this->lots();
        // What is picked comes off what is still to buy of its kind: so what is to be bought comes last.
        usort($lots, static fn (array $a, array $b): int => $a[0]->one->isToBuy() <=> $b[0]->one->isToBuy());

        return array_reduce(
            $lots,
            static fn (Plan $then, array $lot): Plan => $then->withPicked($lot[0]->times($lot[1])),
            $plan,
        );
    }

    /** @return list<array{Candidate, int}> in the order of the slots */
    public function lots(): array
    {
        return array_merge(...array_column($this->inOrder(), 'lots'));
    }

    private function count(Slot $slot, ?Option $option, int $sign): void
    {
        if ($option === null) {
            return;
        }
        $this->value += $sign * $option->value;
        $this->cost += $sign * $option->cost;
        $this->bulk += $sign * $option->bulk;
        $this->extras += $slot->for === null ? $sign : 0;
        foreach ($option->lots as [$candidate]) {
            $this->taken[$candidate->id] = ($this->taken[$candidate->id] ?? 0) + $sign;
            $kind = $candidate->one->kind->id;
            $this->kinds[$kind] = ($this->kinds[$kind] ?? 0) + $sign;
            $this->beside[$kind] = ($this->beside[$kind] ?? 0) + ($slot->for === null ? $sign : 0);
        }
    }
}
