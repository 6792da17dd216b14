<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\CrewSeason;
use App\Models\Evening;
use App\Support\Member;
use Illuminate\Support\Facades\DB;

/** What a crew sets itself for a season: how many boxes, and on which evenings they are packed. */
final readonly class PlanSeason
{
    public function __construct(private Once $once) {}

    /** @param array<string, int> $goals how many boxes, by band; without those of which none are wanted */
    public function goals(int $crewId, int $year, array $goals): void
    {
        DB::transaction(static fn () => CrewSeason::query()->updateOrCreate(
            ['crew_id' => $crewId, 'year' => $year],
            ['goals' => $goals, 'by' => Member::name()],
        ));
    }

    public function evening(Evening $evening): void
    {
        DB::transaction(function () use ($evening): void {
            $this->once->claim();
            $evening->save();
        });
    }

    public function noEvening(Evening $evening): void
    {
        DB::transaction(static fn () => $evening->delete());
    }
}
