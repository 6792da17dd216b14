<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Box;
use App\View\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use PluckyWren\Core\Box\Stage;

final class MoveBoxController
{
    public function __invoke(Request $request, Box $box): RedirectResponse
    {
        $request->validate(['stage' => ['required', Rule::enum(Stage::class)]], ['*' => Words::of('boxes.errors.in')]);
        $stage = Stage::from($request->string('stage')->value());
        $box->update(['stage' => $stage]);

        return back(303)->with('said', Words::of('boxes.moved', ['theme' => $box->theme, 'stage' => Words::of("stages.{$stage->value}.name")]));
    }
}
