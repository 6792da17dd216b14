<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Models\Box;
use App\Models\LeftBehind;
use App\Pages\Plan\BoxSheets;
use App\Pages\Plan\BoxStory;
use App\Pages\Plan\NextThing;
use App\Pages\Plan\Picker;
use App\Reference\Guides;
use Illuminate\Contracts\View\View;

final class ShelfController
{
    public function __invoke(BoxSheets $sheets, Picker $picker, Guides $guides): View
    {
        $boxes = Box::query()->with(Box::CONTENTS)->get()->sortBy('number')->values()->toBase();

        $known = $sheets->known($boxes);

        return view('plan.index', [
            'sheets' => $known,
            'next' => NextThing::among($known, $picker),
            'guide' => $guides->current(),
            'deleted' => BoxStory::deleted(),
            'leftBehind' => LeftBehind::query()->count(),
        ]);
    }
}
