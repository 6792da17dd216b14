<?php

declare(strict_types=1);

namespace PluckyWren\Core\Fit\Answer;

use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Item;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Result;
use PluckyWren\Core\Fit\Solver;

/** Keeps together what belongs together; only where not all goes in that way are bundles parted, if that helps. */
final readonly class PartingSolver implements Solver
{
    public function __construct(private Solver $solver) {}

    public function solve(Problem $problem, Budget $budget, int $seed = 1): Result
    {
        $bundles = array_filter(
            $problem->items,
            static fn (Item $item): bool => $item->together && $item->quantity > 1,
        );
        if ($bundles === []) {
            return $this->solver->solve($problem, $budget, $seed);
        }
        $whole = $this->solver->solve($problem, $budget, $seed);
        if ($whole->packsAll()) {
            return $whole;
        }
        $loose = new Problem(
            $problem->box,
            array_map(static fn (Item $item): Item => $item->together(false), $problem->items),
            $problem->order,
            $problem->pinned,
        );
        $parted = $this->solver->solve($loose, $budget->secondTry(), $seed);

        return Outcome::of($loose, $parted)->isBetterThan(Outcome::of($problem, $whole)) ? $parted : $whole;
    }
}
