<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Models\Box;
use App\Pages\Plan\PacksPage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** How many boxes like one the packs are best for. */
final class PacksController
{
    public function __invoke(Request $request, Box $box): View
    {
        return view('plan.packs', ['page' => PacksPage::of($box, $request->integer('count'))]);
    }
}
