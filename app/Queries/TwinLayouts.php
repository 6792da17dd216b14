<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\Bench;
use App\Models\Box;
use PluckyWren\Core\Box\Bench\Twin;
use PluckyWren\Core\Box\FitProblem;
use PluckyWren\Core\Fit\Check\Validator;
use PluckyWren\Core\Fit\Placement;
use PluckyWren\Core\Fit\Problem;
use PluckyWren\Core\Fit\Result;
use PluckyWren\Core\Fit\Verdict;

/** Layouts of boxes that closed, and that go for another box with the same things in it. */
final class TwinLayouts
{
    /** So many of the crew's latest boxes are looked at. */
    private const BOXES = 40;

    /** So many are offered. */
    private const OFFERED = 2;

    /** @return list<array{Bench, list<Placement>}> each with its box, the pieces called as this box calls them */
    public function for(Box $box, Problem $problem): array
    {
        if ($problem->items === []) {
            return [];
        }
        $query = Bench::query()->with([
            'presses', ...array_map(static fn (string $of): string => "box.{$of}", Box::CONTENTS),
        ]);
        $query->whereIn('closed', [Verdict::Flat->value, Verdict::Snug->value, Verdict::Tight->value])
            ->where('box_id', '<>', $box->id)
            ->orderByDesc('closed_at')
            ->limit(self::BOXES);
        $found = [];
        foreach ($query->get() as $bench) {
            $layout = Twin::layout($problem, FitProblem::of($bench->box->plan()), $bench->packed()->placements);
            $holds = $layout !== null
                && Validator::ofAllRules()->breaches($problem, new Result($layout, [])) === [];
            if ($holds && count($found) < self::OFFERED) {
                $found[] = [$bench, $layout];
            }
        }

        return $found;
    }
}
