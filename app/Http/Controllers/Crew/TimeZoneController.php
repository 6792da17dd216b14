<?php

declare(strict_types=1);

namespace App\Http\Controllers\Crew;

use App\Actions\ChangeCrew;
use App\Http\Controllers\Concerns\CarriesWhatWas;
use App\Models\Crew;
use App\Models\User;
use App\Refusals\ChangedMeanwhile;
use App\Words\Words;
use DateTimeZone;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Where a crew's day begins and ends. */
final class TimeZoneController
{
    use CarriesWhatWas;

    public function show(#[CurrentUser] User $user): View
    {
        return view('crew.time-zone', ['zones' => DateTimeZone::listIdentifiers(), 'chosen' => $user->crew->time_zone]);
    }

    public function update(Request $request, ChangeCrew $changeCrew, #[CurrentUser] User $user): RedirectResponse
    {
        $request->validate(['time_zone' => ['required', 'timezone']], ['*' => Words::of('plan/boxes.errors.in')]);
        try {
            $changeCrew->set(
                $user->crew,
                'time_zone',
                $request->string('time_zone')->value(),
                $this->was($request),
                static fn (Crew $crew): string => str_replace('_', ' ', $crew->time_zone),
            );
        } catch (ChangedMeanwhile $why) {
            return back(303)->withInput()->withErrors(['time_zone' => $why->getMessage()]);
        }

        return to_route('shelf')->with(
            'said',
            Words::of('crew/auth.time-zone-kept', ['day' => $user->crew->today()->format('j M Y')]),
        );
    }
}
