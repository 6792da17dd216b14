<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Box;
use App\Models\IdeaThing;
use App\Models\Lot;
use App\Models\RowChange;
use App\Refusals\CannotChangeBox;
use App\Refusals\CannotUndo;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Stash\NotEnoughLeft;

/** Takes back what was done to one row whose model is `Remembered`. */
final readonly class UndoRow
{
    /** What of a box its record shows once it is handed in. */
    private const IN_THE_RECORD = ['box_notes', 'note_photos', 'box_themes'];

    /** Rows that other rows hang on, by table: which of those, and the column that names them. */
    private const HANGS_ON = [
        'gift_payments' => ['box_gifts', 'gift_payment_id'], 'ideas' => ['idea_things', 'idea_id'],
        'topup_bags' => ['topup_pieces', 'bag_id'], 'trips' => ['trip_boxes', 'trip_id'],
    ];

    /**
     * @throws CannotUndo If the row is not as the change left it, or what it hangs on is gone.
     * @throws CannotChangeBox If the box was handed in.
     * @throws NotEnoughLeft If what was held for an idea is promised elsewhere by now.
     */
    public function execute(RowChange $change): void
    {
        $column = $change->keyColumn();
        $key = [$column => $change->row_key] + ($change->record === 'crews' ? [] : ['crew_id' => $change->crew_id]);
        $now = DB::table($change->record)->where($key)->first();
        $isSame = $change->what === 'deleted' ? $now === null : $now !== null && $change->isAsItLeft((array) $now);
        $isSame || throw CannotUndo::changedSince();
        $this->refuse($change);
        try {
            // Within the whole: what is refused leaves what was done before it as it is.
            DB::transaction(static fn (): mixed => match ($change->what) {
                'added' => DB::table($change->record)->where($key)->delete(),
                'deleted' => DB::table($change->record)->insert($change->before),
                // Whoever has the row open is told that it is not what it was.
                default => DB::table($change->record)->where($key)->update([
                    ...$change->before,
                    ...isset($now->version) ? ['version' => (int) $now->version + 1] : [],
                ]),
            });
        } catch (QueryException $why) {
            throw GoesAlong::hasNoPlace($why) ? CannotUndo::changedSince() : $why;
        }
        $change->record !== 'idea_things' || $change->what === 'added' || $this->refuseIfTooManyAreHeld($change);
        $change->update(['undone_at' => now()]);
    }

    /** @throws CannotUndo|CannotChangeBox If something else stands against it. */
    private function refuse(RowChange $change): void
    {
        [$table, $column] = self::HANGS_ON[$change->record] ?? ['', ''];
        $table !== '' && $change->what === 'added'
            && DB::table($table)->where($column, $change->row_key)->exists()
            && throw CannotUndo::changedSince();
        if (in_array($change->record, self::IN_THE_RECORD, true)) {
            Box::query()->find($change->row_key)?->refuseIfHandedIn();
        }
    }

    /** @throws NotEnoughLeft */
    private function refuseIfTooManyAreHeld(RowChange $change): void
    {
        $lotId = IdeaThing::query()->whereKey($change->row_key)->sole()->lot_id;
        $held = IdeaThing::query()->where('lot_id', $lotId)->sum('quantity');
        Lot::withSetAside()->whereKey($lotId)->firstOrFail()->stock()->settingAside((int) $held);
    }
}
