<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pack;

use App\Models\Box;
use App\Pages\Pack\Preparation;
use App\Pages\Pack\Wrapping;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** What is to be done before a box is packed: for one box, or for an evening over all open boxes. */
final class PrepareController
{
    public function box(Request $request, Box $box): View
    {
        return view('pack.prepare', [
            'box' => $box->load(Box::CONTENTS),
            'preparation' => new Preparation([$box]),
            'wrapping' => Wrapping::of($request, $box),
        ]);
    }

    public function evening(): View
    {
        $boxes = array_filter(
            Box::query()->with(Box::CONTENTS)->get()->sortBy('number')->all(),
            static fn (Box $box): bool => $box->stage->isOpen(),
        );

        return view('pack.evening', ['preparation' => new Preparation(array_values($boxes))]);
    }
}
