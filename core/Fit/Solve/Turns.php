<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Solve;

use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Losses;

/**
 * Whose turn it is: piece by piece and space by space alternate at first, then mostly the way that has left out less of
 * this problem.
 */
final class Turns
{
    /** After so many attempts it is known which way suits a problem; of every so many, one still goes the other way. */
    private const WAYS_COMPARED = 4;

    private const OTHER_WAY = 4;

    /** @var array{int, int} attempts space by space, and piece by piece */
    private array $attempts = [0, 0];

    /** @var array{float, float} what value they left out in all */
    private array $valueOut = [0.0, 0.0];

    public function goesByPiece(int $turn): bool
    {
        if ($turn < self::WAYS_COMPARED) {
            return $turn % 2 === 0;
        }
        $isBetterByPiece = $this->valueOut[1] / $this->attempts[1] <= $this->valueOut[0] / $this->attempts[0];

        return $turn % self::OTHER_WAY === 0 ? ! $isBetterByPiece : $isBetterByPiece;
    }

    /** How many attempts went one way so far. */
    public function attempts(bool $isByPiece): int
    {
        return $this->attempts[(int) $isByPiece];
    }

    /** @param list<Item> $leftOut */
    public function learn(bool $isByPiece, array $leftOut): void
    {
        $this->attempts[(int) $isByPiece]++;
        $this->valueOut[(int) $isByPiece] += Losses::of($leftOut)->value;
    }
}
