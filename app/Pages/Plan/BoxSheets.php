<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Fit\FitRoom;
use App\Models\Box;
use App\Pages\Gather\Prices;
use Illuminate\Support\Collection;
use PluckyWren\Core\Box\FitProblem;
use PluckyWren\Core\Box\Gauges;
use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Box\Record\BoxRecord;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Result;
use PluckyWren\Core\Guide\Rules\RuleBook;

/** Lays out sheets: one with its packing tried, or many with only what is known already. */
final readonly class BoxSheets
{
    public function __construct(private FitRoom $fitRoom, private RuleBook $rules, private Prices $prices) {}

    /** Get one box's sheet; where its packing has not been tried, it is tried now. */
    public function tried(Box $box): BoxSheet
    {
        $plan = $box->load(Box::CONTENTS_HERE)->plan();
        $problem = FitProblem::of($plan);
        $handedIn = $box->handedIn();
        if ($handedIn !== null) {
            return $this->sheet($box, $plan, $problem, $handedIn->packing);
        }

        [$packing, $mayImprove] = $plan->pieces === []
            ? [null, false]
            : $this->fitRoom->packingSoFar($problem, $box->crew_id);

        return $this->sheet($box, $plan, $problem, $packing, $mayImprove);
    }

    /** Get one box's sheet for which nobody asks how it packs. */
    public function untried(Box $box): BoxSheet
    {
        $plan = $box->load(Box::CONTENTS_HERE)->plan();

        return $this->sheet($box, $plan, FitProblem::of($plan), null);
    }

    /** Get a box's sheet as it would be by another plan of it. */
    public function planned(Box $box, Plan $plan): BoxSheet
    {
        $problem = FitProblem::of($plan);

        return $this->sheet(
            $box,
            $plan,
            $problem,
            $this->fitRoom->inTurn($box->crew_id, fn (): Result => $this->fitRoom->trial($box->crew_id)->of($problem)),
        );
    }

    /**
     * Get many boxes' sheets without solving anything.
     *
     * @param  Collection<int, Box>  $boxes  with `pieces.lot` loaded
     * @return Collection<int, BoxSheet>
     */
    public function known(Collection $boxes): Collection
    {
        $plans = $boxes->map(static fn (Box $box): Plan => $box->plan())->all();
        $problems = array_map(FitProblem::of(...), $plans);
        $handedIn = array_filter($boxes->map(static fn (Box $box): ?BoxRecord => $box->handedIn())->all());
        $results = $this->fitRoom->recorded(
            array_filter(
                array_diff_key($problems, $handedIn),
                static fn (Problem $problem): bool => $problem->items !== [],
            ),
        );
        $results += array_map(static fn (BoxRecord $record): ?Result => $record->packing, $handedIn);

        return $boxes->map(
            fn (Box $box, int $index): BoxSheet => $this->sheet(
                $box,
                $plans[$index],
                $problems[$index],
                $results[$index] ?? null,
            ),
        );
    }

    private function sheet(Box $box, Plan $plan, Problem $problem, ?Result $result, bool $mayImprove = false): BoxSheet
    {
        $gauges = Gauges::of($plan, $result, $this->rules);

        return new BoxSheet($box, $plan, $gauges, $problem, $this->prices, $mayImprove);
    }
}
