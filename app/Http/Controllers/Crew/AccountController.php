<?php

declare(strict_types=1);

namespace App\Http\Controllers\Crew;

use App\Actions\ChangePeople;
use App\Http\Middleware\EndsWithItsSignIn;
use App\Http\Requests\Crew\AccountRequest;
use App\Models\SignIn;
use App\Models\User;
use App\Refusals\CannotChangePeople;
use App\Words\Words;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** Somebody's own account: name, address, password, and leaving. */
final class AccountController
{
    public function show(Request $request, #[CurrentUser] User $user): View
    {
        return view('crew.account', [
            'me' => $user,
            'signIns' => SignIn::of($user)->get(),
            'here' => $request->session()->get(EndsWithItsSignIn::KEY),
        ]);
    }

    /** A new password ends what is signed in elsewhere. */
    public function update(
        AccountRequest $request,
        ChangePeople $changePeople,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        $password = $request->string('password')->value();
        $changePeople->account(
            $user,
            $request->string('name')->value(),
            $request->string('email')->value(),
            $password === '' ? null : $password,
        );
        if ($password !== '') {
            Auth::login($user->refresh());
            $request->session()->regenerate();
        }

        return to_route('account', status: 303)->with('said', Words::of('crew/people.account-kept'));
    }

    public function leave(
        Request $request,
        ChangePeople $changePeople,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        $request->validate(
            ['leave_now' => ['required', 'string', 'current_password']],
            [
                'required' => Words::of('crew/auth.errors.required'),
                'current_password' => Words::of('crew/people.wrong-password'),
            ],
        );
        try {
            $changePeople->remove($user);
        } catch (CannotChangePeople $why) {
            return back(303)->withErrors(['leave_now' => $why->getMessage()]);
        }
        Auth::logout();
        $request->session()->invalidate();

        return to_route('welcome', status: 303)->with('said', Words::of('crew/people.left'));
    }
}
