<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\RowChange;
use App\Queries\DeedsDone;
use App\Refusals\CannotChangeBox;
use App\Refusals\CannotUndo;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use PluckyWren\Core\Stash\NotEnoughLeft;

/** Takes back all that one deed changed, the newest first: all of it, or nothing. */
final readonly class UndoDeed
{
    public function __construct(private UndoBoxChange $undoBoxChange, private ChangeLot $changeLot) {}

    /** Determine if all that a deed changed can be taken back, as far as can be seen without trying. */
    public function isOpen(string $deed): bool
    {
        return DeedsDone::canBeUndone($deed);
    }

    /** Determine if only a keeper may take it back, as only a keeper may do it. */
    public function isForKeepers(string $deed): bool
    {
        return DeedsDone::changes([$deed])['rows']->contains(
            static fn (RowChange $change): bool => $change->record === 'crew_guides'
                || array_key_exists('season_budget_minor', $change->after),
        );
    }

    /**
     * @return list<string>|null the ids of boxes and lots that are gone with it; null where there is no such deed
     *
     * @throws CannotUndo If something was changed on top of it, or it was undone before.
     * @throws NotEnoughLeft If pieces are in other boxes by now.
     * @throws CannotChangeBox If a box was handed in.
     */
    public function execute(string $deed): ?array
    {
        return DB::transaction(function () use ($deed): ?array {
            $changes = DeedsDone::changes([$deed]);
            if ($changes['boxes']->isEmpty() && $changes['lots']->isEmpty() && $changes['rows']->isEmpty()) {
                return null;
            }
            DeedsDone::canBeUndone($deed) || throw CannotUndo::changedSince();
            // What lies in boxes comes out of them before the lots go.
            foreach ($changes['boxes']->reverse() as $change) {
                $this->undoBoxChange->execute($change);
            }
            foreach ($changes['lots']->reverse() as $change) {
                $this->changeLot->undo($change);
            }
            foreach ($changes['rows']->reverse() as $change) {
                self::undoRow($change);
            }

            $gone = [
                ...$changes['boxes']->where('what', 'planned')->pluck('box_id'),
                ...$changes['lots']->where('what', 'got')->pluck('lot_id'),
            ];

            return array_values(array_filter($gone, is_string(...)));
        });
    }

    /** @throws CannotUndo If the row is not as the change left it. */
    private static function undoRow(RowChange $change): void
    {
        $key = $change->record === 'crews' ? ['id' => $change->crew_id] : [
            self::keyOf($change) => $change->row_key, 'crew_id' => $change->crew_id,
        ];
        $now = DB::table($change->record)->where($key)->first();
        $isSame = $change->what === 'deleted'
            ? $now === null
            : $now !== null && array_intersect_key((array) $now, $change->after) == $change->after;
        $isSame || throw CannotUndo::changedSince();
        match ($change->what) {
            'added' => DB::table($change->record)->where($key)->delete(),
            'deleted' => DB::table($change->record)->insert($change->before),
            // Whoever has the row open is told that it is not what it was.
            default => DB::table($change->record)->where($key)->update([
                ...$change->before,
                ...isset($now->version) ? ['version' => (int) $now->version + 1] : [],
            ]),
        };
        $change->update(['undone_at' => now()]);
    }

    private static function keyOf(RowChange $change): string
    {
        return Schema::hasColumn($change->record, 'id') ? 'id' : 'slug';
    }
}
