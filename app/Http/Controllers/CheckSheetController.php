<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Box;
use App\View\BoxSheets;
use Illuminate\Contracts\View\View;

final class CheckSheetController
{
    public function __invoke(Box $box, BoxSheets $sheets): View
    {
        return view('boxes.check-sheet', ['sheet' => $sheets->tried($box)]);
    }
}
