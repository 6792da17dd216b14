<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use App\View\Words;
use DateTimeZone;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Where a crew's day begins and ends. */
final class TimeZoneController
{
    public function show(#[CurrentUser] User $user): View
    {
        return view('crew.time-zone', ['zones' => DateTimeZone::listIdentifiers(), 'chosen' => $user->crew->time_zone]);
    }

    public function update(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $request->validate(['time_zone' => ['required', 'timezone']], ['*' => Words::of('boxes.errors.in')]);
        $user->crew->update(['time_zone' => $request->string('time_zone')->value()]);

        return to_route('shelf')->with('said', Words::of('auth.time-zone-kept', ['day' => $user->crew->today()->format('j M Y')]));
    }
}
