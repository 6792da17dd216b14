<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Lot;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Puts into the stash what was bought without a signal: once, however often it is sent. */
final readonly class KeepPocketLot
{
    public function __construct(private LotHistory $history) {}

    /**
     * @param  string  $key  by which the pocket desk knows the entry
     * @return bool whether it was not there yet
     */
    public function execute(Lot $lot, string $key, User $user): bool
    {
        $name = hash('sha256', "later\x1E{$key}");

        return DB::transaction(function () use ($lot, $name, $user): bool {
            $isKnown = Lot::query()->where('import_key', $name)->exists();
            if (! $isKnown) {
                $lot->forceFill(['crew_id' => $user->crew_id, 'import_key' => $name])->save();
                $this->history->came($lot);
            }

            return ! $isKnown;
        });
    }
}
