<?php

declare(strict_types=1);

namespace App\Http\Controllers\Send;

use App\Pages\Send\LogPage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** What became of all boxes: found by anything that was in them. */
final class LogController
{
    public function __invoke(Request $request): View
    {
        return view('send.log', ['log' => LogPage::of(
            $request->string('q')->trim()->limit(80, '')->value(),
            $request->string('season')->value(),
            $request->string('band')->value(),
            $request->string('gender')->value(),
        )]);
    }
}
