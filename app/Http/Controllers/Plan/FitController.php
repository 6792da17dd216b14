<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Http\Responses\PageOrFragment;
use App\Models\Box;
use App\Pages\Plan\BoxSheets;
use App\Pages\Plan\FitView;
use Illuminate\Http\Request;

/** How a box is packed, step by step; which step and from which side is in the address. */
final class FitController
{
    public function __invoke(Request $request, Box $box, BoxSheets $sheets): PageOrFragment
    {
        return new PageOrFragment(
            view('plan.fit', [
                'fit' => FitView::of($sheets->tried($box), $request->query('step'), $request->query('turn')),
            ]),
            'fit',
        );
    }
}
