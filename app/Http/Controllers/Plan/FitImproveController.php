<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Fit\FitRoom;
use App\Fit\LongerTry;
use App\Models\Box;
use App\Pages\Plan\BoxSheets;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use PluckyWren\Core\Box\FitProblem;

/**
 * Tries at length, behind a page, what was answered in a moment; says nothing where that was as good, and that it waits
 * where another box of the crew's is being worked out.
 */
final class FitImproveController
{
    public function __invoke(Request $request, Box $box, FitRoom $fitRoom, BoxSheets $sheets): Response
    {
        $plan = $box->load(Box::CONTENTS)->plan();
        $came = $plan->pieces === []
            ? LongerTry::AsGood
            : $fitRoom->improve(FitProblem::of($plan), $box->crew_id);
        if ($came === LongerTry::Waits) {
            return response()->noContent()->header('HX-Trigger', 'packing-waits');
        }
        if ($request->boolean('steps')) {
            // The steps wait for this before they look for further answers, so they are told either way, and ask for
            // the one they show.
            return response()->noContent()->header('HX-Trigger', 'packed-at-length');
        }

        return $came === LongerTry::Better
            ? response(view('plan.partials.improved', ['sheet' => $sheets->tried($box)]))
            : response()->noContent();
    }
}
