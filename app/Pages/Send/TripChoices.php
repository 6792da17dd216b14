<?php

declare(strict_types=1);

namespace App\Pages\Send;

use App\Models\Box;
use App\Models\Trip;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use PluckyWren\Core\Box\Stage;
use PluckyWren\Core\Guide\HandIn;

/** What there is to choose from where a trip is planned or changed. */
final readonly class TripChoices
{
    /**
     * @param  Collection<int, Box>  $boxes  that may go along, packed ones first
     * @param  list<string>  $ticked  ids
     * @param  list<string>  $places
     */
    private function __construct(
        public Collection $boxes,
        public array $ticked,
        public array $places,
        public CarbonImmutable $day,
    ) {}

    public static function of(HandIn $handIn, CarbonImmutable $today, ?Trip $trip = null): self
    {
        $boxes = Box::query()->with('tripPlace')->where('stage', '!=', Stage::HandedIn);
        $boxes->where(static fn (Builder $free) => $free
            ->whereDoesntHave('tripPlace')
            ->orWhereHas('tripPlace', static fn (Builder $place) => $place->where('trip_id', $trip?->id)));
        $all = $boxes->get()
            ->sortBy(static fn (Box $box): array => [$box->stage === Stage::Packed ? 0 : 1, $box->number]);
        $places = array_keys($handIn->places($handIn->opens($today)));

        return new self(
            $all->values(),
            array_values($all->filter(static fn (Box $box): bool => $trip === null
                ? $box->stage === Stage::Packed
                : $box->tripPlace !== null)->map(static fn (Box $box): string => $box->id)->all()),
            $trip === null || in_array($trip->place, $places, true) ? $places : [$trip->place, ...$places],
            $trip->goes_on ?? CarbonImmutable::instance(max($today, $handIn->opens($today))),
        );
    }
}
