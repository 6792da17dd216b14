<?php

declare(strict_types=1);

namespace App\Actions;

use App\Mail\NewPassword;
use App\Models\SignIn;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Password;
use Illuminate\Support\Str;

/** Lets whoever forgot a password choose a new one, by a link that goes to their address. */
final class ResetPassword
{
    /** Send a link; whether anybody has the address is told to nobody. */
    public function ask(string $email): void
    {
        Password::broker()->sendResetLink(['email' => $email], static function (User $user, string $token): void {
            Mail::to($user->email)->send(new NewPassword(
                route('new-password', ['token' => $token, 'email' => $user->email]),
                config()->integer('auth.passwords.users.expire'),
            ));
        });
    }

    /** Choose a new password; false where the link has ended, or is not for that address. */
    public function choose(string $email, string $token, string $password): bool
    {
        $answer = DB::transaction(static fn (): mixed => Password::broker()->reset(
            ['email' => $email, 'token' => $token, 'password' => $password],
            static function (User $user, string $password): void {
                $user->fill(['password' => Hash::make($password)]);
                $user->setRememberToken(Str::random(60));
                $user->save();
                SignIn::query()->withoutGlobalScopes()->where('user_id', $user->id)->delete();
            },
        ));

        return $answer === Password::PASSWORD_RESET;
    }
}
