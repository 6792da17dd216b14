<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Filling;

use Closure;
use PluckyWren\Core\Box\Foretelling;
use PluckyWren\Core\Box\Gauges;
use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Guide\NeedsFilled;
use PluckyWren\Core\Guide\NeedState;
use PluckyWren\Core\Guide\Rules\RuleBook;
use PluckyWren\Core\Guide\Weight;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Stash\Preparation\TasksInACircle;

/**
 * Fills a box from what lies free: first what its guide asks for, then what it wishes, then what else is worth it. What
 * is in it stays. Nothing is chosen that would be taken out or warned of, nor beyond the budget; and the lid closes by
 * a
 * real packing, for which large things give way to smaller ones of the same use.
 *
 * It is a good way, not the best one: it takes one thing after another and looks back only where room is short.
 */
final class Filling
{
    /** Each try packs the box anew; so many are waited for. */
    private const MOST_TRIES = 26;

    /** So many of the best are looked at by the rules before a need is given up. */
    private const LOOKED_AT = 12;

    /** More than so many kinds of wishes and extras are a jumble. */
    private const MOST_EXTRAS = 8;

    /** Of the box's inside. */
    private const MOST_BULK = 1.5;

    private int $tries = 0;

    /** How many flags there are that must be mended; what is chosen adds none. */
    private int $toMend = 0;

    private int $asks = 0;

    private ?GivenUp $refusal = null;

    /** @var array<string, bool> what rules or budget spoke against as a smaller one, by the candidate's id */
    private array $refused = [];

    /** @var list<Chosen> */
    private array $chosen = [];

    /** @var array<string, GivenUp> */
    private array $givenUp = [];

    /**
     * @param  list<Candidate>  $candidates
     * @param  Closure(Plan): bool  $closes  packs a box and tells if its lid closes over all
     * @param  int  $turn  another gives another proposal, as good as can be by other taste
     *
     * @throws InvalidMoney
     * @throws TasksInACircle
     */
    public function __construct(
        private Plan $plan,
        private readonly array $candidates,
        private readonly Way $way,
        private readonly RuleBook $rules,
        private readonly Closure $closes,
        private readonly int $turn = 0,
    ) {
        $this->look();
    }

    /**
     * @throws InvalidMoney
     * @throws TasksInACircle
     */
    public function proposal(): Proposal
    {
        foreach ($this->plan->guide->needsFilled($this->plan->recipient, $this->plan->held())->missing() as $state) {
            $lacks = $this->fill($state, true);
            if ($lacks > 0) {
                $this->givenUp[$state->need->name] = $this->refusal ?? GivenUp::Nothing;
            }
        }
        $closes = $this->makeRoom();
        if ($closes) {
            $wishes = NeedsFilled::of($this->plan->guide->wishes, $this->plan->recipient, $this->plan->held());
            foreach ($wishes->missing() as $state) {
                $this->keepIfItCloses(fn (): bool => $this->fill($state, false) < $state->lacks());
            }
            foreach (array_slice($this->extras(), 0, self::MOST_EXTRAS) as $extra) {
                $this->keepIfItCloses(fn (): bool => $this->take($extra, 1, null, false));
            }
        }

        return new Proposal($this->plan, $this->chosen, $this->givenUp, $closes);
    }

    /**
     * Choose what fills a need, the best first.
     *
     * @return int how many are lacking still
     *
     * @throws InvalidMoney
     * @throws TasksInACircle
     */
    private function fill(NeedState $state, bool $isMust): int
    {
        $lacks = $state->lacks();
        $this->refusal = null;
        $fitting = $this->best(static fn (Candidate $one): bool => $state->need->takesKind($one->one->kind));
        // What nobody has to ask about comes before what somebody does.
        foreach ([true, false] as $isStrict) {
            foreach (array_slice($fitting, 0, self::LOOKED_AT) as $candidate) {
                $quantity = min($lacks, $this->left($candidate));
                if ($quantity > 0 && $this->take($candidate, $quantity, $state->need->name, $isMust, $isStrict)) {
                    $lacks -= $quantity;
                }
            }
        }

        return $lacks;
    }

    /**
     * Put something in, unless rules or budget speak against it.
     *
     * @param  bool  $isStrict  whether what has to be asked about speaks against it too
     *
     * @throws InvalidMoney
     * @throws TasksInACircle
     */
    private function take(
        Candidate $candidate,
        int $quantity,
        ?string $for,
        bool $isMust,
        bool $isStrict = false,
    ): bool {
        $piece = $candidate->times($quantity);
        $then = (new Foretelling($this->plan, $this->rules))->picked($piece);
        $toMend = count($then->flags->toMend());
        $asks = count($then->flags->ofWeight(Weight::Ask));
        if ($isStrict && $asks > $this->asks) {
            return false;
        }
        if ($then->isOverBudget() || $toMend > $this->toMend) {
            $this->refusal = $then->isOverBudget() ? GivenUp::Money : GivenUp::Flagged;

            return false;
        }
        [$this->toMend, $this->asks] = [$toMend, $asks];
        $this->plan = $this->plan->withPicked($piece);
        $this->chosen[] = new Chosen($candidate, $quantity, $for, $isMust);

        return true;
    }

    /**
     * Swap what is large for what is smaller and of the same use, the most room first, until the lid closes; where
     * nothing smaller is left, what is largest is given up, and tried once more at the end in its smallest form.
     *
     * @throws InvalidMoney
     * @throws TasksInACircle
     */
    private function makeRoom(): bool
    {
        $dropped = [];
        $closes = $this->closes();
        while (! $closes && $this->tries < self::MOST_TRIES) {
            if (! $this->swapForSmaller()) {
                $large = $this->largest();
                if ($large === null) {
                    return false;
                }
                $this->drop($large);
                $dropped[] = $large;
            }
            $closes = $this->closes();
        }
        foreach ($closes ? array_reverse($dropped) : [] as $chosen) {
            $smallest = $this->smallest($chosen, PHP_INT_MAX);
            $this->keepIfItCloses(fn (): bool => $smallest !== null
                && $this->take($smallest, $chosen->quantity, $chosen->for, $chosen->isMust));
        }
        $there = array_map(static fn (Chosen $one): ?string => $one->for, $this->chosen);
        foreach ($dropped as $chosen) {
            if (! in_array($chosen->for, $there, true)) {
                $this->givenUp[$chosen->for ?? $chosen->candidate->one->name] = GivenUp::Room;
            }
        }

        return $closes;
    }

    /**
     * @throws InvalidMoney
     * @throws TasksInACircle
     */
    private function swapForSmaller(): bool
    {
        $best = null;
        $most = 0;
        foreach ($this->chosen as $chosen) {
            $smallest = $this->smallest($chosen, self::bulk($chosen->candidate, 1));
            $won = $smallest === null
                ? 0
                : self::bulk($chosen->candidate, $chosen->quantity) - self::bulk($smallest, $chosen->quantity);
            if ($won > $most) {
                [$most, $best] = [$won, [$chosen, $smallest]];
            }
        }
        if ($best === null) {
            return false;
        }
        [$chosen, $smallest] = $best;
        $isSwapped = $this->orAsBefore(function () use ($chosen, $smallest): bool {
            $this->drop($chosen);

            return $smallest !== null
                && $this->take($smallest, $chosen->quantity, $chosen->for, $chosen->isMust);
        });
        if ($isSwapped) {
            return true;
        }
        if ($smallest !== null) {
            $this->refused[$smallest->id] = true;
        }

        return $this->swapForSmaller();
    }

    /**
     * @param  callable(): bool  $change
     *
     * @throws InvalidMoney
     * @throws TasksInACircle
     */
    private function keepIfItCloses(callable $change): void
    {
        $this->orAsBefore(fn (): bool => $this->tries < self::MOST_TRIES && $change() && $this->closes());
    }

    /**
     * Do something; where it comes to nothing, all is as it was.
     *
     * @param  callable(): bool  $change
     *
     * @throws InvalidMoney
     * @throws TasksInACircle
     */
    private function orAsBefore(callable $change): bool
    {
        $before = [$this->plan, $this->chosen, $this->toMend, $this->asks];
        if ($change()) {
            return true;
        }
        [$this->plan, $this->chosen, $this->toMend, $this->asks] = $before;

        return false;
    }

    private function closes(): bool
    {
        $inside = $this->plan->boxKind->inside;
        $bulk = array_sum(array_map(
            static fn (PlannedPiece $piece): int => $piece->thing->measures->size->volume() * $piece->quantity,
            $this->plan->pieces,
        ));
        // Far more than there is room for need not be tried: soft things give, but not that much.
        if ($bulk > self::MOST_BULK * $inside->topLength * $inside->topWidth * $inside->height) {
            return false;
        }
        $this->tries++;

        return ($this->closes)($this->plan);
    }

    private function largest(): ?Chosen
    {
        $largest = null;
        $most = -1;
        foreach ($this->chosen as $chosen) {
            $bulk = self::bulk($chosen->candidate, $chosen->quantity);
            if ($bulk > $most) {
                [$most, $largest] = [$bulk, $chosen];
            }
        }

        return $largest;
    }

    /**
     * @throws InvalidMoney
     * @throws TasksInACircle
     */
    private function drop(Chosen $chosen): void
    {
        $this->chosen = array_values(array_filter($this->chosen, static fn (Chosen $one): bool => $one !== $chosen));
        $this->plan = $this->plan->onlyThose(
            static fn (PlannedPiece $piece): bool => $piece->id !== $chosen->candidate->one->id,
        );
        $this->look();
    }

    /** The smallest thing of the same use, smaller than so much; null where there is none. */
    private function smallest(Chosen $large, int $below): ?Candidate
    {
        $need = null;
        foreach ([...$this->plan->guide->needs, ...$this->plan->guide->wishes] as $one) {
            $need = $one->name === $large->for ? $one : $need;
        }
        $smaller = $need === null ? [] : $this->best(fn (Candidate $one): bool => $need->takesKind($one->one->kind)
            && $this->left($one) >= $large->quantity
            && ! isset($this->refused[$one->id])
            && self::bulk($one, 1) < $below);
        usort($smaller, static fn (Candidate $a, Candidate $b): int => self::bulk($a, 1) <=> self::bulk($b, 1));

        return $smaller[0] ?? null;
    }

    /**
     * Count the flags of the box as it is now.
     *
     * @throws InvalidMoney
     * @throws TasksInACircle
     */
    private function look(): void
    {
        $flags = Gauges::of($this->plan, null, $this->rules)->flags;
        [$this->toMend, $this->asks] = [count($flags->toMend()), count($flags->ofWeight(Weight::Ask))];
    }

    /** @return list<Candidate> what is worth it for itself and of a kind that is not in the box, the best first */
    private function extras(): array
    {
        $kinds = array_map(static fn (PlannedPiece $piece): string => $piece->kind->id, $this->plan->pieces);
        $extras = [];
        foreach ($this->best(fn (Candidate $one): bool => $this->value($one) > 0) as $candidate) {
            // One of a kind: a second is no surprise.
            if (! in_array($candidate->one->kind->id, $kinds, true)) {
                $extras[] = $candidate;
                $kinds[] = $candidate->one->kind->id;
            }
        }

        return $extras;
    }

    /**
     * @param  callable(Candidate): bool  $isMeant
     * @return list<Candidate> of which some are left, the best first
     */
    private function best(callable $isMeant): array
    {
        $all = array_filter($this->candidates, fn (Candidate $one): bool => $this->left($one) > 0 && $isMeant($one));
        usort($all, fn (Candidate $a, Candidate $b): int => [$this->value($b), $a->id] <=> [$this->value($a), $b->id]);

        return $all;
    }

    private function left(Candidate $candidate): int
    {
        foreach ($this->chosen as $chosen) {
            // What is chosen for one need is not parted over another.
            if ($chosen->candidate === $candidate) {
                return 0;
            }
        }

        return $candidate->free;
    }

    /** What something is worth by the way that is chosen; what takes much of the box is worth less. */
    private function value(Candidate $candidate): float
    {
        $weights = $this->way->weights();
        $each = $candidate->one->price->each;
        $taste = $this->turn === 0 ? 0.0 : 4.0 * (crc32("{$this->turn} {$candidate->id}") % 1_000) / 1_000;
        $inside = $this->plan->boxKind->inside;
        $room = $inside->topLength * $inside->topWidth * $inside->height;

        return $weights['theme'] * $candidate->theme
            + $weights['age'] * min($candidate->days, 720) / 30
            + $weights['price'] * ($each === null ? 0.0 : min(10.0, $each->minor->toFloat() / 100))
            - 60.0 * self::bulk($candidate, 1) / max(1, $room)
            + $taste;
    }

    /** Cubic tenths of a millimetre. */
    private static function bulk(Candidate $candidate, int $quantity): int
    {
        return $candidate->one->thing->measures->size->volume() * $quantity;
    }
}
