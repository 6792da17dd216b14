<?php

declare(strict_types=1);

namespace App\Http\Controllers\Crew;

use App\Pages\Plan\SampleDrawing;
use Illuminate\Contracts\View\View;

final class WelcomeController
{
    public function __invoke(SampleDrawing $sample): View
    {
        return view('crew.welcome', ['demo' => config()->boolean('wren.demo'), 'drawing' => $sample->drawn()]);
    }
}
