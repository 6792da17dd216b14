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
        if ($this->share === 0.0) {
            return 1.0;
        }
        $this->state = ($this->state * 1_103_515_245 + 12_345) & 0x7FFFFFFF;

        return 1.0 + $this->share * ($this->state / 0x7FFFFFFF - 0.5);
    }
}
