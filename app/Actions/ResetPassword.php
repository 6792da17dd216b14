<?php

declare(strict_types=1);

namespace App\Actions;

use App\Mail\NewPassword;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Password;

/** Lets whoever forgot a password choose a new one, by a link that goes to their address. */
final readonly class ResetPassword
{
    public function __construct(private KeepSignIns $keepSignIns) {}

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
        $answer = DB::transaction(fn (): mixed => Password::broker()->reset(
            ['email' => $email, 'token' => $token, 'password' => $password],
            function (User $user, string $password): void {
                $user->fill(['password' => Hash::make($password)]);
                $this->keepSignIns->endAll($user);
            },
        ));

        return $answer === Password::PASSWORD_RESET;
    }
}
