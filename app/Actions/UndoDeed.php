<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\BoxChange;
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
    public function __construct(
        private UndoBoxChange $undoBoxChange,
        private ChangeLot $changeLot,
        private UndoRow $undoRow,
    ) {}

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
            array_filter($rows, static fn (RowChange $change): bool => $change->isPricedSince()) === []
                || throw CannotUndo::pricedSince();
            DeedsDone::areOpen([...$boxes, ...$lots, ...$rows]) || throw CannotUndo::changedSince();
            $gone = [];
            // What hangs on a box or a lot goes before it, and comes back after it.
            $wasDeleted = static fn (RowChange $change): bool => $change->what === 'deleted';
            array_map($this->undoRow->execute(...), array_values(array_filter(
                $rows, static fn (RowChange $change): bool => ! $wasDeleted($change),
            )));
            // What lies in boxes comes out of them before the lots go.
            foreach ($boxes as $change) {
                $this->undoBoxChange->execute($change);
                $change->what === 'planned' && $gone[] = $change->box_id;
            }
            foreach ($lots as $change) {
                $change->isOtherHalf()
                    ? $change->update(['undone_at' => now()])
                    : $this->changeLot->undo($change);
                $change->what === 'got' && $gone[] = $change->lot_id;
            }
            array_map($this->undoRow->execute(...), array_values(array_filter($rows, $wasDeleted)));

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
}
