<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\Closure;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Kept;
use PluckyWren\Core\Fit\Losses;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Verdict;

/** How good a packing is, in the order in which the model prefers. */
final readonly class Merit
{
    /** So much less to be pressed down by the lid is felt, in millimetres. An estimate. */
    private const LOWER_MM = 40;

    private function __construct(
        public Losses $losses,
        public Kept $kept,
        public int $moves,
        public Closure $closure,
    ) {}

    /**
     * @param  list<Placement>  $placements  all that are in the box
     * @param  list<Item>  $leftOut
     * @param  array<string, Item>  $items
     */
    public static function of(Problem $problem, array $placements, array $leftOut, Closure $closure, array $items): self
    {
        return new self(
            Losses::of($leftOut),
            Kept::in($problem->box, $problem->order, $placements, $items),
            Steps::count($placements, $items),
            $closure,
        );
    }

    public function isBetterThan(self $that): bool
    {
        return $this->inOrder() < $that->inOrder();
    }

    /** Nothing that another attempt could do much better. */
    public function isPerfect(): bool
    {
        return $this->losses->areNone()
            && $this->kept->isSeenAsWanted()
            && $this->kept->order >= Kept::WELL
            && $this->closure->verdict === Verdict::Flat && $this->closure->press == 0.0;
    }

    /** @return list<int|float> */
    private function inOrder(): array
    {
        return [
            $this->losses->musts,
            $this->losses->value,
            ...$this->kept->amiss(),
            -round($this->kept->order, 2),
            // A lid that closes with a band less, or over a pile that is clearly lower, is worth a step more.
            $this->closure->verdict->rank(),
            intdiv((int) $this->closure->proudMm, self::LOWER_MM),
            $this->moves,
            $this->closure->press,
            $this->closure->domeMm,
            $this->closure->proudMm,
        ];
    }
}
