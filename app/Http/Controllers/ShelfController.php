<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Box;
use App\Reference\Guides;
use App\View\BoxSheets;
use App\View\NextThing;
use App\View\Picker;
use Illuminate\Contracts\View\View;

final class ShelfController
{
    public function __invoke(BoxSheets $sheets, Picker $picker, Guides $guides): View
    {
        $boxes = Box::query()->with(Box::CONTENTS)->get()->sortBy('number')->values()->toBase();

        $known = $sheets->known($boxes);

        return view('boxes.index', ['sheets' => $known, 'next' => NextThing::among($known, $picker), 'guide' => $guides->current()]);
    }
}
