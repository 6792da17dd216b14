<?php

declare(strict_types=1);

namespace App\Http\Controllers\Crew;

use App\Actions\ChangeCrew;
use App\Http\Controllers\Concerns\CarriesWhatWas;
use App\Http\Requests\Crew\SettingRequest;
use App\Models\User;
use App\Pages\Crew\SettingsPage;
use App\Refusals\CannotChangeCurrency;
use App\Refusals\ChangedMeanwhile;
use App\Words\Words;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** What a crew has settled for all of it, on one page: each setting a form of its own. */
final class SettingsController
{
    use CarriesWhatWas;

    public function show(SettingsPage $page): View
    {
        return view('crew.settings', ['page' => $page]);
    }

    public function update(
        SettingRequest $request,
        SettingsPage $page,
        ChangeCrew $changeCrew,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        $field = $request->field();
        try {
            $changeCrew->set($user->crew, $field, $request->setting(), $this->was($request), $page->says($field));
        } catch (ChangedMeanwhile|CannotChangeCurrency $why) {
            return to_route('settings')->withInput()->withErrors([$field => $why->getMessage()]);
        }

        return to_route('settings')->with('said', $field === 'time_zone'
            ? Words::of('crew/settings.time-zone-kept', ['day' => $user->crew->today()->format('j M Y')])
            : Words::of('crew/settings.kept'));
    }
}
