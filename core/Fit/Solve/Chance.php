<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

/** A little chance, the same for the same seed. */
final class Chance
{
    private int $state;

    /** @param float $share how far it may shake a figure, up and down together; 0 leaves all as it is */
    public function __construct(int $seed, private readonly float $share)
    {
        $this->state = ($seed * 2_654_435_761 + 97) & 0x7FFFFFFF;
    }

    /** A factor around 1. */
    public function next(): float
    {
        return $this->share === 0.0 ? 1.0 : 1.0 + $this->share * ($this->drawn() - 0.5);
    }

    /** Determine if it falls out so this time, as it does once in so many. */
    public function once(int $in): bool
    {
        return $this->drawn() * $in < 1.0;
    }

    /**
     * A few out of a list, or all of it, in any order.
     *
     * @template T
     *
     * @param  list<T>  $from
     * @return list<T>
     */
    public function some(array $from, int $most): array
    {
        $drawn = array_map(fn (): float => $this->drawn(), $from);
        asort($drawn);

        return array_map(static fn (int $at): mixed => $from[$at], array_keys(array_slice($drawn, 0, $most, true)));
    }

    /** From 0 to 1. */
    private function drawn(): float
    {
        $this->state = ($this->state * 1_103_515_245 + 12_345) & 0x7FFFFFFF;

        return $this->state / 0x7FFFFFFF;
    }
}
