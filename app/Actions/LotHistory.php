<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Lot;
use App\Models\LotChange;
use App\Refusals\CannotUndo;
use App\Support\Deed;
use App\Support\Member;
use Illuminate\Support\Facades\DB;

/** Tells what was done to lots: what came into the stash, what was changed of it, and what was deleted. */
final class LotHistory
{
    private const NOT_TOLD = ['updated_at' => true, 'created_at' => true, 'set_aside' => true, 'version' => true];

    /** Note that a lot came into the stash. */
    public function came(Lot $lot): void
    {
        $this->trace($lot, 'got', [], array_diff_key($lot->getAttributes(), self::NOT_TOLD));
    }

    /** Note that a lot is about to be deleted, with all that goes with it. */
    public function goes(Lot $lot): void
    {
        $with = GoesAlong::rows(GoesAlong::WITH_A_LOT, $lot->id);
        $row = array_diff_key($lot->getRawOriginal(), ['set_aside' => true]);
        $this->trace($lot, 'deleted', ['_row' => $row, '_with' => $with], []);
    }

    /**
     * @param  array<string, mixed>  $before
     * @param  array<string, mixed>  $after
     */
    public function trace(Lot $lot, string $what, array $before, array $after): void
    {
        LotChange::query()->create([
            'crew_id' => $lot->crew_id,
            'lot_id' => $lot->id,
            'name' => $lot->name,
            'by' => Member::name(),
            'what' => $what,
            'before' => $before,
            'after' => $after,
            'deed' => Deed::id(),
        ]);
    }

    /** Determine if nothing was done to a part since it was split off that was not taken back. */
    public function isUntouchedSinceSplit(Lot $part): bool
    {
        $changes = LotChange::query()->where('lot_id', $part->id)->where('undone_at', null);

        return $changes->where('what', '<>', 'undone')->get()->every(
            static fn (LotChange $change): bool => $change->isOtherHalf(),
        );
    }

    /**
     * Take a lot out of the stash again that came in by mistake.
     *
     * @throws CannotUndo If it was changed since, or a box, a kit or an idea has some of it.
     */
    public function takeBack(LotChange $change): void
    {
        $lot = Lot::query()->whereKey($change->lot_id)->first() ?? throw CannotUndo::changedSince();
        $now = array_intersect_key($lot->getRawOriginal(), $change->after);
        // What went into kits from it makes it another lot than came; so kits made before it came do not count.
        $hanging = ['kit_parts' => ['kit_id']] + GoesAlong::WITH_A_LOT;
        $now == array_intersect_key($change->after, $now) && GoesAlong::rows($hanging, $lot->id) === []
            || throw CannotUndo::changedSince();
        $lot->delete();
    }

    /**
     * Bring a deleted lot back, with what went with it as far as that still has its place.
     *
     * @throws CannotUndo If it is there again.
     */
    public function bringBack(LotChange $change): void
    {
        /** @var array<string, mixed> $row */
        $row = $change->before['_row'] ?? throw CannotUndo::changedSince();
        Lot::query()->whereKey($change->lot_id)->doesntExist() || throw CannotUndo::changedSince();
        DB::table('lots')->insert($row);
        /** @var array<string, list<array<string, mixed>>> $with */
        $with = $change->before['_with'] ?? [];
        GoesAlong::comeBack($with);
    }

    /** Forget for good what was deleted longer ago than it waits. */
    public function forgetWhatIsGone(): void
    {
        LotChange::query()
            ->where('what', 'deleted')
            ->where('created_at', '<', now()->subDays(Deed::KEPT_DAYS)->toDateTimeString())
            ->delete();
    }
}
