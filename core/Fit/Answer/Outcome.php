<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Answer;

use PluckyWren\Core\Fit\Closure;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Kept;
use PluckyWren\Core\Fit\LeftOut;
use PluckyWren\Core\Fit\Losses;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Result;
use PluckyWren\Core\Fit\Verdict;

/** What a packing comes to, so that two can be compared: what it leaves out, and how the lid closes over the rest. */
final readonly class Outcome
{
    /** A lid that stands so much lower, in millimetres, is worth a change. */
    private const NOTICED_MM = 1.0;

    /** @param array{int, int} $amiss as `Kept` counts it */
    private function __construct(
        public int $mustsOut,
        public float $valueOut,
        public ?Closure $closure,
        private array $amiss,
    ) {}

    public static function of(Problem $problem, Result $result): self
    {
        $items = $problem->singles();
        $out = Losses::of(array_map(static fn (LeftOut $out): Item => $items[$out->id], $result->leftOut));

        return new self(
            $out->musts,
            $out->value,
            $result->closure,
            Kept::in($problem->box, $problem->order, $result->placements, $items)->amiss(),
        );
    }

    /** Determine if it is the better one of the same pieces: what is seen of them matters more than the lid. */
    public function isPreferredTo(self $that): bool
    {
        return $this->leavesAsMuchOutAs($that) && $this->amiss !== $that->amiss
            ? $this->amiss < $that->amiss
            : $this->isBetterThan($that);
    }

    public function isBetterThan(self $that): bool
    {
        if (! $this->leavesAsMuchOutAs($that)) {
            return [$this->mustsOut, $this->valueOut] < [$that->mustsOut, $that->valueOut];
        }
        $bands = static fn (self $one): int => ($one->closure->verdict ?? Verdict::Open)->bands();

        return $bands($this) < $bands($that)
            || (
                $bands($this) === $bands($that)
                    && ($this->closure->proudMm ?? 0.0) < ($that->closure->proudMm ?? 0.0) - self::NOTICED_MM
            );
    }

    private function leavesAsMuchOutAs(self $that): bool
    {
        return [$this->mustsOut, round($this->valueOut, 3)] === [$that->mustsOut, round($that->valueOut, 3)];
    }
}
