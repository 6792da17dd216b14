<?php

declare(strict_types=1);

namespace App\Support;

use PluckyWren\Core\Practice\Dice;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Falls the same every time for the same number. */
final readonly class SeededDice implements Dice
{
    private Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    public function below(int $limit): int
    {
        return $this->random->getInt(0, $limit - 1);
    }
}
