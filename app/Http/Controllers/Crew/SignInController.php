<?php

declare(strict_types=1);

namespace App\Http\Controllers\Crew;

use App\Actions\KeepSignIns;
use App\Http\Middleware\EndsWithItsSignIn;
use App\Models\User;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

final class SignInController
{
    public function create(): View
    {
        return view('crew.sign-in');
    }

    public function store(Request $request): RedirectResponse
    {
        $credentials = $request->validate([
            'email' => ['required', 'string', 'max:200'],
            'password' => ['required', 'string', 'max:200'],
        ], ['required' => Words::of('crew/auth.errors.required'), 'max' => Words::of('gather/stash.errors.max')]);
        // An address that nobody has takes as long as a wrong password.
        User::query()->where('email', $credentials['email'])->exists()
            || Hash::check($credentials['password'], self::nobodysHash());
        Auth::attempt($credentials, $request->boolean('remember'))
            || throw ValidationException::withMessages(['email' => Words::of('crew/auth.errors.no-match')]);
        $request->session()->regenerate();

        return redirect()->intended(route('shelf'));
    }

    public function destroy(Request $request, KeepSignIns $keepSignIns): RedirectResponse
    {
        $signIn = $request->session()->get(EndsWithItsSignIn::KEY);
        ! is_string($signIn) || $keepSignIns->forget($signIn);
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return to_route('welcome');
    }

    /** A hash of the kind that is in use, made once for a machine. */
    private static function nobodysHash(): string
    {
        return Cache::rememberForever('nobodys-hash', static fn (): string => Hash::make(Str::random(20)));
    }
}
