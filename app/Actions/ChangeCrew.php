<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Crew;
use App\Refusals\CannotChangeCurrency;
use App\Refusals\ChangedMeanwhile;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Stash\Preparation\Habits;

/**
 * Changes what a crew has settled for all: how it writes figures, where its day begins, its guide, its budget, its
 * ways.
 */
final class ChangeCrew
{
    /**
     * @param  'locale'|'units'|'time_zone'|'currency'|'guide'|'season_budget'  $setting
     * @param  string|null  $was  as `Crew::printed` gave it when the form was opened; null where the form did not say
     * @param  callable(Crew): string  $now  says in words what it is now
     *
     * @throws ChangedMeanwhile If someone else changed it, to something else, after the form was opened.
     * @throws CannotChangeCurrency If there are amounts in the currency that there is.
     */
    public function set(Crew $crew, string $setting, mixed $to, ?string $was, callable $now): void
    {
        DB::transaction(static function () use ($crew, $setting, $to, $was, $now): void {
            $before = $crew->refresh()->printed($setting);
            $crew->setAttribute($setting, $to);
            if ($was !== null && $was !== $before && $crew->printed($setting) !== $before) {
                throw ChangedMeanwhile::value($now($crew->refresh()));
            }
            if ($setting === 'currency' && $crew->isDirty('currency') && $crew->hasAmounts()) {
                $crew->refresh();
                throw CannotChangeCurrency::thereAreAmounts();
            }
            $crew->save();
        });
    }

    /**
     * Keep how a crew likes to do things. Each way is a yes or a no: only those are changed that differ from what the
     * form showed, so two people never undo each other's.
     *
     * @param  Habits|null  $was  what the form showed
     */
    public function habits(Crew $crew, Habits $to, ?Habits $was): void
    {
        DB::transaction(static function () use ($crew, $to, $was): void {
            $now = $crew->refresh()->habits;
            $crew->update(['habits' => $was === null ? $to : $now->withChanges($was, $to)]);
        });
    }
}
