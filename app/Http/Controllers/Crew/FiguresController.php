<?php

declare(strict_types=1);

namespace App\Http\Controllers\Crew;

use App\Actions\ChangeCrew;
use App\Http\Controllers\Concerns\CarriesWhatWas;
use App\Models\Crew;
use App\Models\User;
use App\Reference\Notations;
use App\Refusals\ChangedMeanwhile;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Keeps how a crew writes its figures. */
final class FiguresController
{
    use CarriesWhatWas;

    public function __invoke(
        Request $request,
        Notations $notations,
        ChangeCrew $changeCrew,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        $locale = $request->input('locale');
        in_array($locale, Notations::LOCALES, true) || abort(422);
        try {
            $changeCrew->set(
                $user->crew,
                'locale',
                $locale,
                $this->was($request),
                static fn (Crew $crew): string => $notations->samples()[$crew->locale] ?? $crew->locale,
            );
        } catch (ChangedMeanwhile $why) {
            return back(303)->with('said', $why->getMessage());
        }

        return back(303);
    }
}
