<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Filling;

use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Box\Shopping\OnHand;
use PluckyWren\Core\Guide\NeedsFilled;
use PluckyWren\Core\Guide\NeedState;
use PluckyWren\Core\Stash\ItemKind;
use PluckyWren\Core\Stash\Preparation\TasksInACircle;

/** What a box still lacks and what else might go in, each with the ways to fill it. */
final class Slots
{
    /** An option is kept where fewer than so many others are better in all: what one needs may be taken elsewhere. */
    private const KEPT_BEHIND = 3;

    /** Of what is of use so many of the best are looked at, and a quarter as many of the cheapest and the smallest. */
    private const LOOKED_AT = 60;

    private const LOOKED_AT_BESIDE = 8;

    /** Of so many kinds some are looked at for what may be there for itself. */
    private const KINDS_BESIDE = 80;

    /** @var array<string, float> what each is worth by itself, by its id */
    private readonly array $worths;

    /** @var list<list<Candidate>> what is of use, for each need and then each wish, the best first */
    private readonly array $fitting;

    /** @var list<list<Candidate>> what may be there for itself, a list for each kind that is not in the box */
    private readonly array $beside;

    /** @var list<NeedState> needs, and after them wishes */
    private readonly array $states;

    /** How many of the states are needs. */
    private readonly int $needs;

    /**
     * @param  list<Candidate>  $candidates
     *
     * @throws TasksInACircle
     */
    public function __construct(private readonly Plan $plan, array $candidates, Worth $worth)
    {
        // Clothes for another child are none for this one.
        $candidates = array_values(array_filter($candidates, static fn (Candidate $one): bool => OnHand::suits(
            $one->one->kind,
            (string) $one->one->thing->sizeLabel,
            $plan->recipient->band,
        )));
        $worths = [];
        foreach ($candidates as $candidate) {
            $worths[$candidate->id] = $worth->of($candidate);
        }
        usort($candidates, static fn (Candidate $a, Candidate $b): int => [$worths[$b->id], $a->id]
            <=> [$worths[$a->id], $b->id]);
        $needs = $plan->guide->needsFilled($plan->recipient, $plan->held())->missing();
        $wishes = NeedsFilled::of($plan->guide->wishes, $plan->recipient, $plan->held())->missing();
        [$this->worths, $this->needs, $this->states] = [$worths, count($needs), [...$needs, ...$wishes]];
        $fitting = [];
        foreach ($this->states as $state) {
            $fitting[] = self::promising(array_values(array_filter(
                $candidates,
                static fn (Candidate $one): bool => $one->free > 0 && $state->need->takesKind($one->one->kind),
            )), self::LOOKED_AT);
        }
        $there = array_map(static fn (PlannedPiece $piece): string => $piece->kind->id, $plan->pieces);
        $beside = [];
        foreach ($candidates as $one) {
            $kind = $one->one->kind->id;
            if ($one->free > 0 && ! $one->one->isToBuy() && $worths[$one->id] > 0 && ! in_array($kind, $there, true)) {
                $beside[$kind][] = $one;
            }
        }
        // They come by what their best is worth: what is far behind is never chosen.
        $beside = array_slice($beside, 0, self::KINDS_BESIDE, true);
        ksort($beside);
        [$this->fitting, $this->beside] = [$fitting, array_map(
            static fn (array $of): array => self::promising($of, self::LOOKED_AT_BESIDE),
            array_values($beside),
        )];
    }

    /**
     * @param  array<string, true>  $refused  what is out of the question, by the candidate's id
     * @param  array<string, true>  $askedAbout  what would have to be asked about
     * @return list<Slot> needs, wishes, and the rest
     *
     * @throws TasksInACircle
     */
    public function all(array $refused, array $askedAbout): array
    {
        $slots = [];
        foreach ($this->states as $at => $state) {
            $isMust = $at < $this->needs;
            $value = $isMust ? Worth::MUST - $at : Worth::WISH;
            $slots[] = new Slot($state->need->name, $isMust, $state->lacks(), self::worthKeeping(
                $this->options($state, $value, $this->usable($this->fitting[$at], $refused, $askedAbout)),
            ));
        }
        foreach ($this->beside as $candidates) {
            $usable = $this->usable($candidates, $refused, $askedAbout);
            $worthIt = array_filter($usable, static fn (array $one): bool => $one[1] > 0);
            $slots[] = new Slot(null, false, 1, self::worthKeeping(array_map(
                static fn (array $one): Option => Option::of([[$one[0], 1, $one[1]]], 1, 0.0),
                array_values($worthIt),
            )));
        }

        return $slots;
    }

    /**
     * @param  list<Candidate>  $candidates
     * @param  array<string, true>  $refused
     * @param  array<string, true>  $askedAbout
     * @return list<array{Candidate, float}> each with what it is worth, the best first
     */
    private function usable(array $candidates, array $refused, array $askedAbout): array
    {
        $usable = [];
        foreach ($candidates as $one) {
            if (! isset($refused[$one->id])) {
                $against = isset($askedAbout[$one->id]) ? Worth::ASKED_ABOUT : 0.0;
                $usable[] = [$one, $this->worths[$one->id] - $against];
            }
        }
        usort($usable, static fn (array $a, array $b): int => $b[1] <=> $a[1]);

        return $usable;
    }

    /**
     * @param  list<array{Candidate, float}>  $usable
     * @return list<Option>
     */
    private function options(NeedState $state, float $value, array $usable): array
    {
        $options = [];
        foreach ($usable as $first) {
            // Two things that make up for one another are the same whichever comes first.
            $option = $this->option($state, $value, $first, $usable, true);
            $options[$option->key()] ??= $option;
            if (min($state->lacks(), $first[0]->free) > $this->usual($state, $first[0]->one->kind)) {
                $options[] = $this->option($state, $value, $first, $usable, false);
            }
        }

        return [...array_values($options), ...self::fewer($state->lacks(), $value, $usable)];
    }

    /**
     * All that is lacking, as far as it is there: of one thing, and where it is not there often enough, or no more of
     * it are usual, of the best others.
     *
     * @param  array{Candidate, float}  $first
     * @param  list<array{Candidate, float}>  $usable
     * @param  bool  $isUsual  whether no more of a kind are taken than are usual; the more of it count for less
     */
    private function option(NeedState $state, float $value, array $first, array $usable, bool $isUsual): Option
    {
        $lacks = $state->lacks();
        $count = min($lacks, $first[0]->free, $isUsual ? $this->usual($state, $first[0]->one->kind) : $lacks);
        $lots = [$this->lot($state, $first, $count)];
        $ofKind = [$first[0]->one->kind->id => $count];
        foreach ($usable as $other) {
            $lacks -= $count;
            if ($lacks === 0) {
                break;
            }
            $kind = $other[0]->one->kind;
            $taken = $ofKind[$kind->id] ?? 0;
            $most = $isUsual ? $this->usual($state, $kind) - $taken : $lacks;
            $count = $other[0] === $first[0] ? 0 : max(0, min($lacks, $other[0]->free, $most));
            if ($count > 0) {
                $lots[] = $this->lot($state, $other, $count);
                $ofKind[$kind->id] = $taken + $count;
            }
        }

        return Option::of($lots, $state->lacks(), $value);
    }

    /**
     * @param  array{Candidate, float}  $one
     * @return array{Candidate, int, float}
     */
    private function lot(NeedState $state, array $one, int $count): array
    {
        $isTwice = $count > $this->usual($state, $one[0]->one->kind);

        return [$one[0], $count, $one[1] - ($isTwice ? Worth::TWICE : 0.0)];
    }

    private function usual(NeedState $state, ItemKind $kind): int
    {
        return $state->suggested($kind, $this->plan->recipient->band);
    }

    /**
     * Fewer than are lacking, where there is no money or no room for all: of the best, the cheapest and the smallest.
     *
     * @param  list<array{Candidate, float}>  $usable
     * @return list<Option>
     */
    private static function fewer(int $lacking, float $value, array $usable): array
    {
        if ($lacking === 1 || $usable === []) {
            return [];
        }
        $few = Extremes::of(
            $usable,
            static fn (array $one): float => $one[0]->cost(),
            static fn (array $one): float => $one[0]->bulk(),
        );
        $options = [];
        foreach ($few as [$candidate, $worth]) {
            for ($count = 1; $count < min($lacking, $candidate->free + 1); $count++) {
                $options[] = Option::of([[$candidate, $count, $worth]], $lacking, $value);
            }
        }

        return $options;
    }

    /**
     * @param  list<Option>  $options
     * @return list<Option> without those than which several are better in all, the best first
     */
    private static function worthKeeping(array $options): array
    {
        usort($options, static fn (Option $a, Option $b): int => [$b->value, $a->lots[0][0]->id]
            <=> [$a->value, $b->lots[0][0]->id]);
        $kept = [];
        foreach ($options as $option) {
            $better = 0;
            foreach ($kept as $one) {
                $better += $one->isAsGoodAs($option) ? 1 : 0;
                if ($better >= self::KEPT_BEHIND) {
                    continue 2;
                }
            }
            $kept[] = $option;
        }

        return $kept;
    }

    /**
     * @param  list<Candidate>  $candidates  the best first
     * @return list<Candidate> those of many that may matter, the best first
     */
    private static function promising(array $candidates, int $most): array
    {
        if (count($candidates) <= $most) {
            return $candidates;
        }
        $kept = array_fill_keys(range(0, $most - 1), true);
        $measures = [
            static fn (Candidate $one): float => $one->cost(),
            static fn (Candidate $one): float => $one->bulk(),
        ];
        foreach ($measures as $measure) {
            $sizes = array_map($measure, $candidates);
            asort($sizes);
            $kept += array_fill_keys(array_slice(array_keys($sizes), 0, intdiv($most, 4)), true);
        }
        ksort($kept);

        return array_map(static fn (int $at): Candidate => $candidates[$at], array_keys($kept));
    }
}
