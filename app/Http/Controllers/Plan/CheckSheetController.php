<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Models\Box;
use App\Pages\Plan\BoxSheets;
use Illuminate\Contracts\View\View;

final class CheckSheetController
{
    public function __invoke(Box $box, BoxSheets $sheets): View
    {
        return view('plan.check-sheet', ['sheet' => $sheets->tried($box)]);
    }
}
