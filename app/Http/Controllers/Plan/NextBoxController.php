<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Actions\FillBox;
use App\Actions\KeepForNext;
use App\Http\Responses\SheetResponse;
use App\Models\LeftBehind;
use App\Models\Piece;
use App\Refusals\CannotChangeBox;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\MessageBag;

/** What was left out of boxes, for the next one. */
final class NextBoxController
{
    public function index(): View
    {
        return view('plan.next-box', ['left' => LeftBehind::query()->with('lot')->latest('id')->get()]);
    }

    /** Take a piece out of its box, for the next one. */
    public function store(Request $request, Piece $piece, FillBox $fillBox): SheetResponse
    {
        $checked = Validator::make(
            $request->all(),
            ['because' => ['nullable', 'string', 'max:200']],
            ['*' => Words::of('gather/stash.errors.max', ['max' => 200])],
        );
        if ($checked->fails()) {
            return SheetResponse::refused($piece->box, $checked->errors(), "piece-{$piece->id}");
        }
        [$box, $name] = [$piece->box, $piece->planned()->name];
        try {
            $fillBox->leaveForNext($piece, $request->string('because')->trim()->value());
        } catch (CannotChangeBox $why) {
            $errors = new MessageBag(['quantity' => $why->getMessage()]);

            return SheetResponse::refused($box, $errors, "piece-{$piece->id}");
        }

        return SheetResponse::changed($box, Words::of('plan/next-box.left', ['name' => $name]));
    }

    public function destroy(LeftBehind $left, KeepForNext $keepForNext): RedirectResponse
    {
        $keepForNext->forget($left);

        return to_route('next-box')->with('said', Words::of('plan/next-box.forgotten'));
    }
}
