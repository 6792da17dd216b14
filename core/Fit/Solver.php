<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit;

/** Finds a valid packing: the best it can within its budget. */
interface Solver
{
    /** Solve the same problem with the same seed and number of attempts to the same result. */
    public function solve(Problem $problem, Budget $budget, int $seed = 1): Result;
}
