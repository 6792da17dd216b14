<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Http\Responses\PageOrFragment;
use App\Http\Responses\SheetResponse;
use App\Models\Piece;
use App\Pages\Plan\BoxSheets;
use App\Pages\Plan\PickerState;
use Illuminate\Http\Request;

/** What may be said of a piece in its box: what it goes into, what it counts as, and that it waits for the next box. */
final class PieceMoreController
{
    public function __invoke(Request $request, Piece $piece, BoxSheets $sheets): PageOrFragment
    {
        $sheet = $sheets->untried($piece->box);

        return new PageOrFragment(
            view('plan.piece', [
                'sheet' => $sheet,
                'piece' => $piece,
                'isPart' => PageOrFragment::isPart($request),
                'planned' => $sheet->planned($piece),
                'stateFields' => SheetResponse::stateFields(PickerState::beside($request)),
            ]),
            'more',
        );
    }
}
