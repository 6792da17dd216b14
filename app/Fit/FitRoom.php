<?php

declare(strict_types=1);

namespace App\Fit;

use App\Database\OneWriter;
use App\Models\FitResult;
use Closure;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Box\FitProblem;
use PluckyWren\Core\Box\Packing\AsBefore;
use PluckyWren\Core\Fit\Answer\HowSure;
use PluckyWren\Core\Fit\Answer\Outcome;
use PluckyWren\Core\Fit\Answer\Trial;
use PluckyWren\Core\Fit\Budget;
use PluckyWren\Core\Fit\Files\MalformedFile;
use PluckyWren\Core\Fit\Files\ProblemFile;
use PluckyWren\Core\Fit\Files\ResultFile;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Result;
use PluckyWren\Core\Fit\Solver;
use PluckyWren\Core\Fit\Verdict;

/** Packings, kept under the content of their problem, so that an unchanged box is never solved twice. */
final readonly class FitRoom
{
    /** So many tries over a spread of measures are made in one go, so that no page waits for all. */
    private const TRIES_AT_ONCE = 5;

    /** So many of the last packings with some of the same things are looked at. */
    private const EARLIER = 12;

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
            $read = is_string($result) ? $this->read($key, $result, $problems[$index]) : null;
            if ($read !== null) {
                $results[$index] = $read;
            }
        }

        return $results;
    }

    /**
     * Get the packing of a problem, solving it for a moment where it has not been tried yet; null where the crew's turn
     * is taken.
     */
    public function packing(Problem $problem, int $crewId): ?Result
    {
        return $this->recorded([$problem])[0]
            ?? $this->inTurn(
                $crewId,
                fn (): Result => $this->recorded([$problem])[0] ?? $this->solveForPage($problem, $crewId),
            );
    }

    /**
     * Get the same, and whether more trying could still find a better packing.
     *
     * @return array{Result|null, bool}
     */
    public function packingSoFar(Problem $problem, int $crewId): array
    {
        $kept = $this->kept($problem);
        $packing = $kept === null ? null : $this->read($kept->problem, $kept->result, $problem);

        return $packing === null
            ? [$this->packing($problem, $crewId), $this->kept($problem)?->is_thorough !== true]
            : [$packing, ! $kept->is_thorough];
    }

    /** Try a problem at length, and keep what is better than what is kept. */
    public function improve(Problem $problem, int $crewId): LongerTry
    {
        return $this->inTurn($crewId, function () use ($problem, $crewId): LongerTry {
            $kept = $this->kept($problem);
            if ($kept?->is_thorough === true) {
                return LongerTry::AsGood;
            }
            $now = $kept === null
                ? $this->solveForPage($problem, $crewId)
                : ($this->recorded([$problem])[0] ?? null);
            $better = $this->solver->solve($problem, $this->patience('thorough'), 2);
            $isBetter = $now === null || Outcome::of($problem, $better)->isPreferredTo(Outcome::of($problem, $now));
            $this->quietly(
                fn () => FitResult::query()->where('problem', $this->key($problem))->update(
                    ['is_thorough' => true] + ($isBetter ? ['result' => ResultFile::write($better)] : []),
                ),
            );

            return $isBetter || $kept === null ? LongerTry::Better : LongerTry::AsGood;
        }) ?? LongerTry::Waits;
    }

    /**
     * Do something that takes the machine for a while, when it is the crew's turn; null where someone else has it for
     * longer than a moment.
     *
     * @template T
     *
     * @param  Closure(): T  $work
     * @return T|null
     */
    public function inTurn(int $crewId, Closure $work): mixed
    {
        $turn = Turn::take($crewId, config()->integer('wren.fit.turn_ms'));
        if ($turn === null) {
            return null;
        }
        try {
            return $work();
        } finally {
            $turn->end();
        }
    }

    /**
     * Get what tries changed problems for a moment each, and keeps what it finds.
     *
     * @param  'answer'|'fill'|'glance'  $for
     */
    public function trial(int $crewId, string $for = 'answer'): Trial
    {
        return new Trial(
            new KeepingSolver($this, $crewId, config()->boolean('wren.fit.clock') ? new WallClock : null),
            fn (): Budget => $this->patience($for),
        );
    }

    /** Get what plans again around what is in a box on the bench: for a moment, as someone waits with full hands. */
    public function bench(): Trial
    {
        return new Trial($this->solver, fn (): Budget => $this->patience('bench'));
    }

    /** @return list<bool> whether all went in, once for each try over a spread of measures that was made so far */
    public function tries(Problem $problem): array
    {
        $tries = $this->kept($problem)->tries ?? '';

        return $tries === '' ? [] : array_map(static fn (string $closed): bool => $closed === '1', str_split($tries));
    }

    /**
     * Make a few more tries over a spread of measures.
     *
     * @return list<bool> all so far
     */
    public function tryFurther(Problem $problem): array
    {
        $sure = new HowSure(new Trial($this->solver, fn (): Budget => $this->patience('answer')));
        $tries = $this->tries($problem);
        for ($made = 0; $made < self::TRIES_AT_ONCE && count($tries) < HowSure::TRIES; $made++) {
            $tries[] = $sure->closes($problem, count($tries) + 1);
        }
        $this->quietly(
            fn () => FitResult::query()->where('problem', $this->key($problem))->update([
                'tries' => implode('', array_map(intval(...), $tries)),
            ]),
        );

        return $tries;
    }

    /** Solve for a moment, and for no less than was found of the same box with more in it. */
    private function solveForPage(Problem $problem, int $crewId): Result
    {
        $asBefore = new AsBefore(new Trial($this->solver, fn (): Budget => $this->patience('glance')));
        $same = null;
        foreach ($this->earlier($problem) as $before) {
            $same ??= $asBefore->of($problem, $before);
        }

        return $this->solve($problem, $crewId, $this->patience('page'), $same);
    }

    /** @return list<Result> the last packings with a thing that is in this one too, those with all in first */
    private function earlier(Problem $problem): array
    {
        if ($problem->items === []) {
            return [];
        }
        $query = FitResult::query();
        $query->where(static function (Builder $either) use ($problem): void {
            foreach ([$problem->items[0], $problem->items[count($problem->items) - 1]] as $item) {
                $either->orWhere('result', 'like', "%\"{$item->id}%");
            }
        });
        $query->orderByRaw('result like ? desc', ['%"left_out":[]%'])->latest('created_at');
        $results = [];
        foreach ($query->limit(self::EARLIER)->pluck('result') as $result) {
            try {
                $results[] = ResultFile::read($result, 'fit_results');
            } catch (MalformedFile) {
                // It is found again where it is asked for.
            }
        }

        return $results;
    }

    /**
     * Solve, and keep what is found.
     *
     * @param  Result|null  $atLeast  what is kept where nothing better is found
     */
    public function solve(Problem $problem, int $crewId, Budget $budget, ?Result $atLeast = null): Result
    {
        $result = $this->solver->solve($problem, $budget);
        $isLess = $atLeast !== null
            && Outcome::of($problem, $atLeast)->isPreferredTo(Outcome::of($problem, $result));
        $result = $isLess ? $atLeast : $result;
        $this->quietly(fn () => FitResult::query()->insertOrIgnore([
            'crew_id' => $crewId,
            'problem' => $this->key($problem),
            'result' => ResultFile::write($result),
            'is_thorough' => $result->packsAll()
                && $result->closure?->verdict === Verdict::Flat
                && $result->closure->press == 0.0,
            'created_at' => now()->toDateTimeString(),
        ]));

        return $result;
    }

    /**
     * Forget what was found before a moment, whichever crew's it is.
     *
     * @param  list<Problem>  $but  those whose packing is kept all the same
     */
    public function forget(string $before, array $but): void
    {
        $kept = array_flip(array_map($this->key(...), $but));
        $old = FitResult::query()->withoutGlobalScopes()->where('created_at', '<', $before)->pluck('problem')->all();
        foreach (
            array_chunk(array_filter($old, static fn (string $problem): bool => ! isset($kept[$problem])), 500) as $some
        ) {
            FitResult::query()
                ->withoutGlobalScopes()
                ->where('created_at', '<', $before)
                ->whereIn('problem', $some)
                ->delete();
        }
    }

    /** @param 'page'|'thorough'|'answer'|'bench'|'fill'|'glance' $for */
    private function patience(string $for): Budget
    {
        $budget = Budget::ofAttempts(config()->integer("wren.fit.{$for}.attempts"));

        return config()->boolean('wren.fit.clock')
            ? $budget->cutAt(config()->integer("wren.fit.{$for}.ms"), new WallClock)
            : $budget;
    }

    /** A row that cannot be read any more is as good as none: it is dropped and found again. */
    private function read(string $key, string $result, Problem $problem): ?Result
    {
        $ids = array_column($problem->items, null, 'id');
        try {
            $read = ResultFile::read($result, 'fit_results');
        } catch (MalformedFile) {
            $read = null;
        }
        foreach ([...$read->placements ?? [], ...$read->leftOut ?? []] as $one) {
            $read = isset($ids[FitProblem::pieceOf($one->id)]) ? $read : null;
        }
        if ($read === null) {
            $this->quietly(static fn () => FitResult::query()->where('problem', $key)->delete());
        }

        return $read;
    }

    /**
     * Keep what was found, where that can be done at once: a page is never held up for it, as it can be found again.
     */
    private function quietly(Closure $write): void
    {
        if (DB::transactionLevel() > 0) {
            $write();

            return;
        }
        $connection = DB::connection();
        try {
            $connection instanceof OneWriter ? $connection->withoutWaiting($write) : $write();
        } catch (QueryException) {
            // Someone else is writing, or the disk is full: it is found again when it is asked for.
        }
    }

    private function kept(Problem $problem): ?FitResult
    {
        return FitResult::query()->where('problem', $this->key($problem))->first();
    }

    /** Another solver may find a better packing, so it keeps its own. */
    private function key(Problem $problem): string
    {
        return hash('sha256', $this->solver::class.ProblemFile::write($problem));
    }
}
