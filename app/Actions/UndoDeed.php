<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\BoxChange;
use App\Models\Crew;
use App\Models\LotChange;
use App\Models\RowChange;
use App\Queries\DeedsDone;
use App\Refusals\CannotChangeBox;
use App\Refusals\CannotUndo;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Stash\NotEnoughLeft;

/** Takes back all that one deed changed, the newest first: all of it, or nothing. */
final readonly class UndoDeed
{
    public function __construct(private UndoBoxChange $undoBoxChange, private ChangeLot $changeLot) {}

    /** Determine if all that a deed changed can be taken back, as far as can be seen without trying. */
    public function isOpen(string $deed): bool
    {
        return DeedsDone::areOpen(array_merge(...array_values(self::all($deed))));
    }

    /** Determine if only a keeper may take it back, as only a keeper may do it. */
    public function isForKeepers(string $deed): bool
    {
        return array_filter(
            self::all($deed)['rows'],
            static fn (RowChange $change): bool => $change->record === 'crew_guides'
                || array_key_exists('season_budget_minor', $change->after),
        ) !== [];
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
            ['boxes' => $boxes, 'lots' => $lots, 'rows' => $rows] = self::all($deed);
            if ($boxes === [] && $lots === [] && $rows === []) {
                return null;
            }
            DeedsDone::areOpen([...$boxes, ...$lots, ...$rows]) || throw CannotUndo::changedSince();
            $gone = [];
            // What lies in boxes comes out of them before the lots go.
            foreach ($boxes as $change) {
                $this->undoBoxChange->execute($change);
                $change->what === 'planned' && $gone[] = $change->box_id;
            }
            foreach ($lots as $change) {
                $this->changeLot->undo($change);
                $change->what === 'got' && $gone[] = $change->lot_id;
            }
            array_map(self::undoRow(...), $rows);

            return $gone;
        });
    }

    /** @return array{boxes: list<BoxChange>, lots: list<LotChange>, rows: list<RowChange>} the newest of each first */
    private static function all(string $deed): array
    {
        $changes = DeedsDone::changes([$deed]);

        return [
            'boxes' => array_values($changes['boxes']->reverse()->all()),
            'lots' => array_values($changes['lots']->reverse()->all()),
            'rows' => array_values($changes['rows']->reverse()->all()),
        ];
    }

    /** @throws CannotUndo If the row is not as the change left it. */
    private static function undoRow(RowChange $change): void
    {
        $key = ['id' => $change->row_key] + ($change->record === 'crews' ? [] : ['crew_id' => $change->crew_id]);
        $now = DB::table($change->record)->where($key)->first();
        $isSame = $change->what === 'deleted'
            ? $now === null
            : $now !== null && array_intersect_key((array) $now, $change->after) == $change->after;
        $isSame || throw CannotUndo::changedSince();
        // What was priced since is in the currency that there is now.
        $change->record === 'crews'
            && array_key_exists('currency', $change->before)
            && Crew::query()->findOrFail($change->crew_id)->hasAmounts()
            && throw CannotUndo::pricedSince();
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
}
