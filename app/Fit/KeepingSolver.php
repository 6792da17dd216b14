<?php

declare(strict_types=1);

namespace App\Fit;

use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\LeftOut;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Reason;
use PluckyWren\Core\Fit\Result;
use PluckyWren\Core\Fit\Solver;
use PluckyWren\Core\Fit\Stopwatch;

/**
 * Solves what has not been tried yet, and remembers the rest; all the answers of a page together take no longer than a
 * page may.
 */
final readonly class KeepingSolver implements Solver
{
    private const ALL_MS = 3000.0;

    public function __construct(private FitRoom $fitRoom, private int $crewId, private ?Stopwatch $stopwatch = null) {}

    public function solve(Problem $problem, Budget $budget, int $seed = 1): Result
    {
        return $this->fitRoom->recorded([$problem])[0]
            ?? (
                $this->stopwatch !== null && $this->stopwatch->elapsedMs() > self::ALL_MS
                    ? self::untried($problem)
                    : $this->fitRoom->solve($problem, $this->crewId, $budget)
            );
    }

    /** Nothing is known to go in: so it is no answer to anything. */
    private static function untried(Problem $problem): Result
    {
        return new Result(
            [],
            array_map(
                static fn (Item $item): LeftOut => new LeftOut($item->id, Reason::NoRoom),
                array_values($problem->singles()),
            ),
        );
    }
}
