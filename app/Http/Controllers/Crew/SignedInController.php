<?php

declare(strict_types=1);

namespace App\Http\Controllers\Crew;

use App\Actions\KeepSignIns;
use App\Http\Middleware\EndsWithItsSignIn;
use App\Models\SignIn;
use App\Models\User;
use App\Words\Words;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Where somebody is signed in, ended one by one or all but here. */
final class SignedInController
{
    public function end(SignIn $signIn, KeepSignIns $keepSignIns, #[CurrentUser] User $user): RedirectResponse
    {
        $keepSignIns->end($signIn, $user);

        return to_route('account', status: 303)->with('said', Words::of('crew/people.signed-out'));
    }

    public function endOthers(Request $request, KeepSignIns $keepSignIns, #[CurrentUser] User $user): RedirectResponse
    {
        $here = $request->session()->get(EndsWithItsSignIn::KEY);
        $keepSignIns->endAll($user, is_string($here) ? $here : '');

        return to_route('account', status: 303)->with('said', Words::of('crew/people.signed-out-elsewhere'));
    }
}
