<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Models\Box;
use App\Pages\Plan\BoxSheets;
use App\Pages\Plan\FitView;
use App\Pages\Plan\Ink;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The open box as a drawing of its own, to be kept, printed or sent on. */
final class FitDrawingController
{
    public function __invoke(Request $request, Box $box, BoxSheets $sheets): Response
    {
        $fit = FitView::of($sheets->tried($box), $request->query('step'), $request->query('turn'));

        return response(view('plan.fit-drawing', ['fit' => $fit, 'ink' => new Ink])->render(), 200, [
            'Content-Type' => 'image/svg+xml',
            'Content-Disposition' => "attachment; filename=\"box-{$box->number}.svg\"",
        ]);
    }
}
