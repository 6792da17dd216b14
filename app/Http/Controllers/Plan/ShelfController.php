<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Crews\CrewInHand;
use App\Models\LeftBehind;
use App\Pages\Plan\BoxSheets;
use App\Pages\Plan\DeletedBoxes;
use App\Pages\Plan\NextThing;
use App\Pages\Plan\Picker;
use App\Pages\Plan\Shelf;
use Illuminate\Contracts\View\View;

final class ShelfController
{
    public function __invoke(BoxSheets $sheets, Picker $picker, CrewInHand $hand): View
    {
        $known = $sheets->known(Shelf::boxes($hand));

        return view('plan.index', [
            'sheets' => $known,
            'next' => NextThing::among($known, $picker),
            'guide' => $hand->guide(),
            'deleted' => DeletedBoxes::lately(),
            'leftBehind' => LeftBehind::query()->count(),
        ]);
    }
}
