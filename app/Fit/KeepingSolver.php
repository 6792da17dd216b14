<?php

declare(strict_types=1);

namespace App\Fit;

use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Result;
use PluckyWren\Core\Fit\Solver;

/** Solves what has not been tried yet, and remembers the rest. */
final readonly class KeepingSolver implements Solver
{
    public function __construct(private FitRoom $fitRoom, private int $crewId) {}

    public function solve(Problem $problem, Budget $budget, int $seed = 1): Result
    {
        return $this->fitRoom->recorded([$problem])[0] ?? $this->fitRoom->solve($problem, $this->crewId, $budget);
    }
}
