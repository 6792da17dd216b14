<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Box;
use App\View\BoxSheets;
use Illuminate\Contracts\View\View;
use PluckyWren\Core\Box\Stage;

final class PackController
{
    public function __invoke(BoxSheets $sheets): View
    {
        $boxes = Box::query()->with(Box::CONTENTS)->where('stage', Stage::Ready)->get()->sortBy('number')->values()->toBase();

        return view('stations.pack', ['sheets' => $sheets->known($boxes)]);
    }
}
