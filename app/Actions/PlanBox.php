<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Box;
use App\Models\Crew;
use Illuminate\Support\Facades\DB;

/** Puts a new box on the shelf under the crew's next number. */
final class PlanBox
{
    public function execute(Crew $crew, Box $box): Box
    {
        return DB::transaction(function () use ($crew, $box): Box {
            $box->crew_id = $crew->id;
            $box->number = 1 + (int) Box::query()->where('crew_id', $crew->id)->max('number');
            $box->save();

            return $box;
        });
    }
}
