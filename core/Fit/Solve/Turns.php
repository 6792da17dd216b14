<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Losses;

/**
 * Whose turn it is: two ways of going about it alternate at first, then mostly the one that has left out less of this
 * problem.
 */
final class Turns
{
    /** After so many attempts it is known which way suits a problem; of every so many, one still goes the other way. */
    private const WAYS_COMPARED = 4;

    private const OTHER_WAY = 4;

    /** @var array{int, int} attempts the second way, and the first */
    private array $attempts = [0, 0];

    /** @var array{float, float} what value they left out in all */
    private array $valueOut = [0.0, 0.0];

    public function goesFirstWay(int $turn): bool
    {
        if ($turn < self::WAYS_COMPARED) {
            return $turn % 2 === 0;
        }
        if ($this->attempts[0] === 0 || $this->attempts[1] === 0) {
            return $this->attempts[1] === 0;
        }
        $isFirstBetter = $this->valueOut[1] / $this->attempts[1] <= $this->valueOut[0] / $this->attempts[0];

        return $turn % self::OTHER_WAY === 0 ? ! $isFirstBetter : $isFirstBetter;
    }

    /** How many attempts went one way so far. */
    public function attempts(bool $isFirst): int
    {
        return $this->attempts[(int) $isFirst];
    }

    /** @param list<Item> $leftOut */
    public function learn(bool $isFirst, array $leftOut): void
    {
        $this->attempts[(int) $isFirst]++;
        $this->valueOut[(int) $isFirst] += Losses::of($leftOut)->value;
    }
}
