<?php

declare(strict_types=1);

namespace App\Http\Listeners;

use App\Actions\KeepSignIns;
use App\Http\Middleware\EndsWithItsSignIn;
use App\Models\User;
use Illuminate\Auth\Events\Login;
use Illuminate\Http\Request;

/** Whoever signs in, by password, by a link or by being remembered, has it noted for this browser. */
final readonly class NoteSignIn
{
    public function __construct(private KeepSignIns $keepSignIns, private Request $request) {}

    public function handle(Login $login): void
    {
        if ($this->request->hasSession() && $login->user instanceof User) {
            $this->request->session()->put(
                EndsWithItsSignIn::KEY,
                $this->keepSignIns->begin($login->user, (string) $this->request->userAgent()),
            );
        }
    }
}
