<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pack;

use App\Models\Box;
use App\Pages\Pack\Taught;
use App\Pages\Plan\BoxSheets;
use Illuminate\Contracts\View\View;
use PluckyWren\Core\Box\Stage;

final class PackController
{
    public function __invoke(BoxSheets $sheets): View
    {
        $boxes = Box::query()
            ->with(Box::CONTENTS)
            ->where('stage', Stage::Ready)
            ->get()
            ->sortBy('number')
            ->values()
            ->toBase();

        return view('pack.index', [
            'sheets' => $sheets->known($boxes),
            'taught' => Taught::now(),
        ]);
    }
}
