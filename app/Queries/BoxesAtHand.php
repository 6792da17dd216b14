<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\Box;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use PluckyWren\Core\Box\Stage;
use PluckyWren\Core\Guide\HandIn;
use PluckyWren\Core\Season\Season;

/** The boxes that a crew has to do with: not those that were handed in in other years; these are in the log. */
final class BoxesAtHand
{
    /** Just after the window its boxes are still looked for where they were. */
    private const LATELY_DAYS = 60;

    /** @return Builder<Box> */
    public static function query(HandIn $handIn, CarbonImmutable $today): Builder
    {
        $boxes = Box::query();
        $boxes->where(static function (Builder $boxes) use ($handIn, $today): void {
            $boxes->where('stage', '!=', Stage::HandedIn)
                ->orWhereNull('handed_in_on')
                ->orWhere('season', '>=', Season::of($handIn, $today)->year)
                ->orWhere('handed_in_on', '>=', $today->subDays(self::LATELY_DAYS)->toDateString());
        });

        return $boxes;
    }
}
