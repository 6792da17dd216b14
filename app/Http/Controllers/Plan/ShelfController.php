<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Crews\CrewInHand;
use App\Http\Responses\PageOrFragment;
use App\Models\Box;
use App\Models\LeftBehind;
use App\Pages\Plan\BoxSheets;
use App\Pages\Plan\DeletedBoxes;
use App\Pages\Plan\NextThing;
use App\Pages\Plan\Picker;
use App\Pages\Plan\Shelf;
use Illuminate\Contracts\View\View;

final class ShelfController
{
    /** The shelf; what was handed in is only named, and brought once it is looked at. */
    public function show(BoxSheets $sheets, Picker $picker, CrewInHand $hand): View
    {
        $known = $sheets->known(Shelf::here($hand));

        return view('plan.index', [
            'sheets' => $known,
            'handedIn' => Shelf::handedIn($hand)->get(['id', 'theme']),
            'next' => NextThing::among($known, $picker),
            'guide' => $hand->guide(),
            'deleted' => DeletedBoxes::lately(),
            'leftBehind' => LeftBehind::query()->count(),
        ]);
    }

    public function handedIn(BoxSheets $sheets, CrewInHand $hand): PageOrFragment
    {
        $boxes = Shelf::handedIn($hand)->with(Box::CONTENTS)->get()->toBase();

        return new PageOrFragment(view('plan.handed-in', ['sheets' => $sheets->known($boxes)]), 'row');
    }
}
