<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\Trip;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use PluckyWren\Core\Guide\HandIn;
use PluckyWren\Core\Season\Season;

/** The trips of this season, and those of just before. */
final class TripsAhead
{
    private const LATELY_DAYS = 60;

    /** @return Collection<int, Trip> with `boxes`, the earliest first */
    public static function of(HandIn $handIn, CarbonImmutable $today): Collection
    {
        $from = min(
            Season::of($handIn, $today)->from->format('Y-m-d'),
            $today->subDays(self::LATELY_DAYS)->toDateString(),
        );
        $trips = Trip::query()->with('boxes')->where('goes_on', '>=', $from);

        return $trips->get()->sortBy(static fn (Trip $trip): array => [$trip->goes_on->toDateString(), $trip->id])
            ->values();
    }
}
