<?php

declare(strict_types=1);

namespace App\Http\Controllers\Crew;

use App\Actions\FoundCrew;
use App\Crews\CrewInHand;
use App\Http\Requests\Crew\RegisterRequest;
use App\Reference\Currencies;
use App\Reference\Notations;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class RegisterController
{
    public function create(Request $request, Currencies $currencies, Notations $notations, CrewInHand $hand): View
    {
        return view('crew.register', [
            'currencies' => $currencies->names(),
            'usual' => $hand->guide()->terms->sendingGift->currency->code,
            'samples' => $notations->samples(),
            'usualLocale' => $notations->choiceFor($request),
        ]);
    }

    /**
     * Found the crew; whether the address was known already is told to nobody: either way the next thing is to sign in.
     */
    public function store(RegisterRequest $request, FoundCrew $foundCrew): RedirectResponse
    {
        $text = static fn (string $field): string => $request->string($field)->value();
        $foundCrew->execute(
            $text('crew'),
            $text('name'),
            $text('email'),
            $text('password'),
            $request->currency(),
            $request->locale(),
            $request->timeZone(),
        );

        return to_route('sign-in')
            ->with('said', Words::of('crew/auth.registered'))
            ->withInput(['email' => $text('email')]);
    }
}
