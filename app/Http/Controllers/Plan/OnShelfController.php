<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Http\Responses\PageOrFragment;
use App\Models\Box;
use App\Pages\Plan\BoxSheets;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Tries the packing of a box that stands on the shelf untried, behind the page, and brings it as it stands there. */
final class OnShelfController
{
    public function __invoke(Request $request, Box $box, BoxSheets $sheets): View|RedirectResponse
    {
        return PageOrFragment::isPart($request)
            ? view('plan.partials.on-shelf', ['sheet' => $sheets->tried($box), 'mayTry' => false])
            : to_route('shelf');
    }
}
