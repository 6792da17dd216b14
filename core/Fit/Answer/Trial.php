<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Answer;

use Closure;
use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Result;
use PluckyWren\Core\Fit\Solver;

/** Tries a changed problem, as long as its owner has patience for one try. */
final readonly class Trial
{
    /** @param Closure(): Budget $patience */
    public function __construct(private Solver $solver, private Closure $patience) {}

    public function of(Problem $problem): Result
    {
        return $this->solver->solve($problem, ($this->patience)());
    }
}
