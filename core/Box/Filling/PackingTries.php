<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Filling;

use Closure;
use PluckyWren\Core\Box\Plan;

/** Packs what is chosen for a box for real, so often, and learns what stays out again and again. */
final class PackingTries
{
    /** What stayed out so often is not tried again. */
    private const AWKWARD = 3;

    public int $made = 0;

    /** What was tried last. */
    public ?Selection $last = null;

    /** Whether what stayed out the last time would not go in alone either. */
    public bool $foundTooLarge = false;

    /** @var array<string, int> how often each stayed out where a box did not close, by the candidate's id */
    private array $stayedOut = [];

    /**
     * @param  Closure(Plan, bool): Tried  $try  packs a box, at a glance or with patience, and tells if its lid closes
     *     over all
     * @param  int  $most  packings, those with one thing alone among them
     */
    public function __construct(
        private readonly Plan $plan,
        private readonly Closure $try,
        private readonly int $most,
    ) {}

    public function areOver(): bool
    {
        return $this->made >= $this->most;
    }

    /** Determine if so many are made that it is time to go about it in another way. */
    public function areLong(): bool
    {
        return $this->made >= $this->most / 3;
    }

    /** Nothing is chosen any more that contains it. */
    public function doWithout(Candidate $candidate): void
    {
        $this->stayedOut[$candidate->id] = self::AWKWARD;
    }

    /** It is as if it had not been tried. */
    public function forget(Candidate $candidate): void
    {
        unset($this->stayedOut[$candidate->id]);
    }

    /** @param bool $atAGlance with less patience: whether it may is not worth more */
    public function closes(Selection $selection, bool $atAGlance = false): bool
    {
        $this->made++;
        $this->last = $selection;
        $tried = ($this->try)($selection->in($this->plan), $atAGlance);
        $this->foundTooLarge = false;
        foreach ($selection->lots() as [$candidate]) {
            if (in_array($candidate->one->id, $tried->leftOut, true)) {
                $this->stayedOut($candidate);
            }
        }

        return $tried->closes;
    }

    /** What stays out is tried alone once: what does not go in then never will. */
    private function stayedOut(Candidate $candidate): void
    {
        $times = ($this->stayedOut[$candidate->id] ?? 0) + 1;
        if ($times === 1 && ! $this->areLong()) {
            $this->made++;
            if (! ($this->try)($this->plan->withPicked($candidate->one), false)->closes) {
                $times = self::AWKWARD;
                $this->foundTooLarge = true;
            }
        }
        $this->stayedOut[$candidate->id] = $times;
    }

    /** @return array<string, true> what stays out again and again, whatever else goes in; by the candidate's id */
    public function awkward(): array
    {
        return array_map(
            static fn (): bool => true,
            array_filter($this->stayedOut, static fn (int $times): bool => $times >= self::AWKWARD),
        );
    }
}
