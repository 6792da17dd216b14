<?php

declare(strict_types=1);

namespace App\Support;

use App\Crews\CrewInHand;

/** Who does what is done, as histories and records tell it. */
final class Member
{
    /** Get the name of whoever is signed in; empty where nobody is, as in a command. */
    public static function name(): string
    {
        return resolve(CrewInHand::class)->memberName();
    }
}
