<?php

declare(strict_types=1);

namespace App\Pages\Send;

use App\Models\Crew;
use App\Queries\CrewDates;
use App\Reference\Guides;
use PluckyWren\Core\Season\YearDate;

/** A crew's dates, as its page shows them and its calendar tells them. */
final class Dates
{
    /** @return list<YearDate> the earliest first */
    public static function of(Crew $crew): array
    {
        return CrewDates::of(resolve(Guides::class)->current()->terms->handIn, $crew->today());
    }
}
