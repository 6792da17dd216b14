<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Box;
use App\Models\Trip;
use App\Models\TripBox;
use App\Support\Member;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Box\Stage;

/** Says which boxes go where on which day; a box that went along on another trip goes on this one from then on. */
final readonly class PlanTrip
{
    public function __construct(private Once $once) {}

    /** @param list<string> $boxIds */
    public function keep(Trip $trip, array $boxIds): Trip
    {
        return DB::transaction(function () use ($trip, $boxIds): Trip {
            $this->once->claim();
            $trip->by = Member::name();
            $trip->save();
            // What was handed in on it has been on it, whatever is ticked.
            $mayChange = Box::query()->where('stage', '!=', Stage::HandedIn)->pluck('id')->all();
            $stay = array_intersect($boxIds, $mayChange);
            $leave = TripBox::query()->where('trip_id', $trip->id);
            $leave->whereIn('box_id', array_diff($mayChange, $stay));
            $leave->get()->each->delete();
            foreach ($stay as $id) {
                TripBox::query()->updateOrCreate(
                    ['box_id' => $id],
                    ['crew_id' => $trip->crew_id, 'trip_id' => $trip->id],
                );
            }

            return $trip;
        });
    }

    public function drop(Trip $trip): void
    {
        DB::transaction(static function () use ($trip): void {
            TripBox::query()->where('trip_id', $trip->id)->get()->each->delete();
            Trip::destroy($trip->id);
        });
    }
}
