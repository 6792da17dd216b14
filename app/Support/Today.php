<?php

declare(strict_types=1);

namespace App\Support;

use App\Crews\CrewInHand;
use Carbon\CarbonImmutable;

/** The day it is where the crew in hand lives, at its beginning; where there is none, the day of UTC. */
final class Today
{
    public static function here(): CarbonImmutable
    {
        return resolve(CrewInHand::class)->today();
    }
}
