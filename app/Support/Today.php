<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Auth;

/** The day it is where the signed-in crew lives, at its beginning; where nobody is signed in, the day of UTC. */
final class Today
{
    public static function here(): CarbonImmutable
    {
        $user = Auth::hasUser() ? Auth::user() : null;

        return $user instanceof User
            ? $user->crew->today()
            : CarbonImmutable::parse(CarbonImmutable::now('UTC')->toDateString());
    }
}
