<?php

declare(strict_types=1);

namespace App\Fit;

use App\Models\FitResult;
use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Files\ProblemFile;
use PluckyWren\Core\Fit\Files\ResultFile;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Result;
use PluckyWren\Core\Fit\Solver;

/** Packings, kept under the content of their problem, so that an unchanged box is never solved twice. */
final readonly class FitRoom
{
    public function __construct(private Solver $solver) {}

    /**
     * Get the packings that are kept already, without solving anything.
     *
     * @template K of array-key
     *
     * @param  array<K, Problem>  $problems
     * @return array<K, Result> under the same keys; those not tried yet are left out
     */
    public function recorded(array $problems): array
    {
        $keys = array_map($this->key(...), $problems);
        $kept = FitResult::query()->whereIn('problem', array_values($keys))->pluck('result', 'problem');
        $results = [];
        foreach ($keys as $index => $key) {
            $result = $kept[$key] ?? null;
            if (is_string($result)) {
                $results[$index] = ResultFile::read($result, 'fit_results');
            }
        }

        return $results;
    }

    /** Get the packing of a problem, solving it where it has not been tried yet. */
    public function packing(Problem $problem, int $crewId): Result
    {
        return $this->recorded([$problem])[0] ?? $this->solve($problem, $crewId);
    }

    private function solve(Problem $problem, int $crewId): Result
    {
        $budget = Budget::ofConstructions(config()->integer('wren.fit.constructions'))->cutAt(config()->integer('wren.fit.ms'), new WallClock);
        $result = $this->solver->solve($problem, $budget);
        FitResult::query()->insertOrIgnore([
            'crew_id' => $crewId,
            'problem' => $this->key($problem),
            'result' => ResultFile::write($result),
            'created_at' => now()->toDateTimeString(),
        ]);

        return $result;
    }

    /** Another solver may find a better packing, so it keeps its own. */
    private function key(Problem $problem): string
    {
        return hash('sha256', $this->solver::class.ProblemFile::write($problem));
    }
}
