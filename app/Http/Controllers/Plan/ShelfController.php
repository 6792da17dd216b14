<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Models\LeftBehind;
use App\Pages\Plan\BoxSheets;
use App\Pages\Plan\BoxStory;
use App\Pages\Plan\NextThing;
use App\Pages\Plan\Picker;
use App\Pages\Plan\Shelf;
use App\Reference\Guides;
use Illuminate\Contracts\View\View;

final class ShelfController
{
    public function __invoke(BoxSheets $sheets, Picker $picker, Guides $guides): View
    {
        $known = $sheets->known(Shelf::boxes($guides));

        return view('plan.index', [
            'sheets' => $known,
            'next' => NextThing::among($known, $picker),
            'guide' => $guides->current(),
            'deleted' => BoxStory::deleted(),
            'leftBehind' => LeftBehind::query()->count(),
        ]);
    }
}
