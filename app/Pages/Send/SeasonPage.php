<?php

declare(strict_types=1);

namespace App\Pages\Send;

use App\Crews\CrewInHand;
use App\Models\Crew;
use App\Models\CrewSeason;
use App\Models\Evening;
use App\Queries\CrewDates;
use App\Queries\MonthPrices;
use App\Queries\PackedDays;
use Illuminate\Database\Eloquent\Collection;
use PluckyWren\Core\Guide\Guide;
use PluckyWren\Core\Season\CheapKind;
use PluckyWren\Core\Season\CheapMonths;
use PluckyWren\Core\Season\Pace;
use PluckyWren\Core\Season\SeasonPath;
use PluckyWren\Core\Season\YearDate;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\ItemKind;

/** Where in the year a crew is, whether it will get there, and what this month is good for. */
final readonly class SeasonPage
{
    private const MOST_DATES = 6;

    private const MOST_CHEAP = 14;

    /**
     * @param  list<string>  $bands  ids of the drive's age groups
     * @param  array<string, int>  $goals  how many boxes, by band
     * @param  list<CheapKind>  $cheap
     * @param  list<YearDate>  $dates  the next ones
     * @param  Collection<int, Evening>  $evenings  the earliest first
     */
    private function __construct(
        public SeasonPath $path,
        public Pace $pace,
        public array $bands,
        public array $goals,
        public array $cheap,
        public array $dates,
        public Collection $evenings,
        public bool $hasNext,
    ) {}

    public static function of(Crew $crew, CrewInHand $hand): self
    {
        $guide = $hand->guide();
        $handIn = $guide->terms->handIn;
        $today = $crew->today();
        $path = SeasonPath::of($handIn, $today);
        $year = $path->season->year;
        $plan = CrewSeason::query()->where('year', $year)->first();
        $cheap = new CheapMonths(self::kinds($guide), MonthPrices::all($crew->currency), $crew->currency);

        return new self(
            $path,
            Pace::of(
                PackedDays::of($year, $crew->time_zone),
                $plan?->goal(),
                $today,
                $handIn->closes($today),
            ),
            array_map(static fn ($band): string => $band->id(), $guide->audience->bands),
            $plan->goals ?? [],
            array_slice($cheap->in((int) $today->format('n')), 0, self::MOST_CHEAP),
            array_slice(CrewDates::of($handIn, $crew), 0, self::MOST_DATES),
            Evening::query()->where('day', '>=', $today->toDateString())->get()
                ->sortBy(
                    static fn (Evening $evening): array => [$evening->day->toDateString(), $evening->begins],
                )->values(),
            CrewSeason::query()->where('year', $year + 1)->whereNotNull('started_on')->exists(),
        );
    }

    /**
     * What its guide asks for or likes; anything else is nice to have at any price.
     *
     * @return list<ItemKind>
     */
    public static function kinds(Guide $guide): array
    {
        $ids = [];
        foreach ([...$guide->needs, ...$guide->wishes] as $need) {
            array_push($ids, ...$need->accepts->kinds);
        }
        $catalogue = resolve(Catalogue::class);

        return array_values(array_map(
            $catalogue->get(...),
            array_filter(array_unique($ids), static fn (string $id): bool => $catalogue->has($id)),
        ));
    }
}
