<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Crew;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Gives a crew's calendar an address that nobody guesses, or takes it away: whoever has the old one sees nothing. */
final class ShareCalendar
{
    private const KEY_LENGTH = 40;

    public function open(Crew $crew): void
    {
        DB::transaction(static fn () => $crew->update(['calendar_key' => Str::random(self::KEY_LENGTH)]));
    }

    public function close(Crew $crew): void
    {
        DB::transaction(static fn () => $crew->update(['calendar_key' => null]));
    }
}
