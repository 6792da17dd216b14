<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Fit\FitRoom;
use App\Http\Responses\PageOrFragment;
use App\Models\Box;
use App\Pages\Plan\Sureness;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use PluckyWren\Core\Box\FitProblem;

/** Tries the packing of a box over a spread of measures, a few times a request. */
final class FitSureController
{
    public function __invoke(Request $request, Box $box, FitRoom $fitRoom): View|RedirectResponse
    {
        $plan = $box->load(Box::CONTENTS)->plan();
        $problem = FitProblem::of($plan);
        if ($plan->pieces !== []) {
            $fitRoom->inTurn($box->crew_id, function () use ($fitRoom, $problem, $box): void {
                $fitRoom->packing($problem, $box->crew_id);
                $fitRoom->tryFurther($problem);
            });
        }

        return PageOrFragment::isPart($request)
            ? view('plan.partials.sure', ['sure' => Sureness::of($box, $plan, $fitRoom)])
            : to_route('boxes.fit', $box, 303);
    }
}
