<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Box;
use App\Models\Crew;
use App\Models\CrewSeason;
use App\Models\TargetPrice;
use App\Reference\Guides;
use App\Refusals\SeasonStarted;
use App\Support\Member;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Box\Stage;
use PluckyWren\Core\Money\Money;

/**
 * Begins the next season in one act: a guide of its own, a budget and goals, targets moved to what was paid, and the
 * boxes that are still open taken along. What is on hand simply stays, as do the crew's habits.
 */
final readonly class StartSeason
{
    public function __construct(private Guides $guides, private KeepGuide $keepGuide) {}

    /**
     * @param  array<string, int>  $goals  how many boxes, by band
     * @param  array<string, Money>  $targets  what a piece may cost, by kind
     * @param  string|null  $guideSeason  what the copied guide is called; null where the guide stays as it is
     *
     * @throws SeasonStarted If someone else began it meanwhile.
     */
    public function execute(
        Crew $crew,
        int $year,
        ?Money $budget,
        array $goals,
        array $targets,
        ?string $guideSeason,
    ): void {
        DB::transaction(function () use ($crew, $year, $budget, $goals, $targets, $guideSeason): void {
            $season = CrewSeason::query()->firstOrNew(['crew_id' => $crew->id, 'year' => $year]);
            $season->started_on === null || throw SeasonStarted::meanwhile($season->by);
            $season->fill(['goals' => $goals, 'started_on' => $crew->today(), 'by' => Member::name()])->save();
            if ($guideSeason !== null) {
                $current = $this->guides->current()->edition->id;
                $data = $this->guides->data($current);
                if ($data !== null) {
                    $copy = $this->keepGuide->asNew([
                        ...$data, 'id' => "{$current}-{$year}", 'season' => $guideSeason,
                    ]);
                    $crew->guide = $copy->slug;
                }
            }
            $crew->season_budget = $budget;
            $crew->save();
            foreach ($targets as $kind => $target) {
                TargetPrice::query()
                    ->where('kind', $kind)->where('band', '')
                    ->update(['target_minor' => $target->minor, 'pieces' => 1, 'updated_at' => now()]);
            }
            foreach (Box::query()->where('season', '<', $year)->whereNot('stage', Stage::HandedIn)->get() as $box) {
                $box->update(['season' => $year]);
            }
        });
        $this->guides->forget();
    }
}
