<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Box;
use App\Models\BoxSeat;
use Illuminate\Support\Facades\DB;

/** Somebody sits down at a box, and stands up from the one where they sat before. */
final class TakeSeat
{
    public function at(Box $box, string $name): void
    {
        DB::transaction(static function () use ($box, $name): void {
            BoxSeat::query()->where('name', $name)->delete();
            BoxSeat::query()->create(['box_id' => $box->id, 'name' => $name]);
        });
    }

    public function leave(Box $box, string $name): void
    {
        DB::transaction(static fn () => BoxSeat::query()->where('box_id', $box->id)->where('name', $name)->delete());
    }
}
