<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Box;
use App\Models\BoxChange;
use App\Models\BoxNote;
use App\Models\BoxPhoto;
use App\Models\Lot;
use App\Models\Piece;
use App\Refusals\CannotChangeBox;
use App\Refusals\CannotUndo;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Box\Stage;
use PluckyWren\Core\Stash\NotEnoughLeft;
use PluckyWren\Core\Stash\Preparation\Prepared;

/**
 * Takes back what was done to a box, where nothing was done on top of it; a box that was deleted comes back with its
 * pieces.
 */
final readonly class UndoBoxChange
{
    public function __construct(private BoxHistory $history, private ChangeBox $changeBox) {}

    /**
     * @return Box as it is again
     *
     * @throws CannotUndo If something was changed on top of it, or it was undone before.
     * @throws NotEnoughLeft If its pieces are in other boxes by now.
     * @throws CannotChangeBox If the box was handed in; only that itself can be undone then.
     */
    public function execute(BoxChange $change): Box
    {
        return DB::transaction(function () use ($change): Box {
            $fresh = BoxChange::query()->findOrFail($change->id);
            $fresh->canBeUndone() || throw CannotUndo::changedSince();
            if (($fresh->after['box']['stage'] ?? null) === Stage::HandedIn->value) {
                $fresh->update(['undone_at' => now()]);

                return $this->changeBox->takeBack(Box::query()->findOrFail($fresh->box_id));
            }
            $this->refuseIfChangedSince($fresh);
            if ($fresh->before['box'] === null) {
                return $this->takeOff($fresh);
            }
            $wasDeleted = $fresh->after['box'] === null;
            $box = $wasDeleted ? $this->bringBack($fresh) : Box::query()->findOrFail($fresh->box_id);
            $box->refuseIfHandedIn();
            $this->history->of($box, 'undone', fn () => $this->putBack($box, $fresh, $wasDeleted));
            GoesAlong::comeBack($fresh->before['with'] ?? []);
            $fresh->update(['undone_at' => now()]);

            return $box->refresh();
        });
    }

    /**
     * Take back several, the newest first: all of them, or none.
     *
     * @param  list<BoxChange>  $changes  oldest first
     * @return int how many boxes it concerned
     *
     * @throws CannotUndo If something was changed on top of one, or it was undone before.
     * @throws NotEnoughLeft If a box's pieces are in other boxes by now.
     * @throws CannotChangeBox If a box was handed in.
     */
    public function all(array $changes): int
    {
        return DB::transaction(function () use ($changes): int {
            $boxes = [];
            foreach (array_reverse($changes) as $change) {
                $boxes[$this->execute($change)->id] = true;
            }

            return count($boxes);
        });
    }

    /** @throws CannotUndo If the box or a piece is not as the change left it. */
    private function refuseIfChangedSince(BoxChange $change): void
    {
        $now = BoxHistory::state($change->box_id);
        $after = $change->after;
        $isSame = $after['box'] === null
            ? $now['box'] === null
            : $now['box'] !== null && array_intersect_key($now['box'], $after['box']) == $after['box'];
        foreach ($after['pieces'] as $id => $piece) {
            $isSame = $isSame && ($now['pieces'][$id] ?? null) == $piece;
        }
        $isSame || throw CannotUndo::changedSince();
    }

    /**
     * Take a box off the shelf again that was planned by mistake.
     *
     * @throws CannotUndo If something was written or drawn for it since.
     */
    private function takeOff(BoxChange $change): Box
    {
        $box = Box::query()->findOrFail($change->box_id);
        $box->refuseIfHandedIn();
        BoxNote::query()->where('box_id', $box->id)->doesntExist()
            && BoxPhoto::query()->where('box_id', $box->id)->doesntExist()
            || throw CannotUndo::changedSince();
        $this->changeBox->drop($box);
        $change->update(['undone_at' => now()]);
        $box->exists = false;

        return $box;
    }

    private function bringBack(BoxChange $change): Box
    {
        $row = $change->before['box'] ?? throw CannotUndo::changedSince();
        $isTaken = Box::query()->toBase()->where('number', $row['number'])->exists();
        $number = $isTaken ? 1 + (int) Box::query()->max('number') : $row['number'];
        DB::table('boxes')->insert([
            ...$row,
            'number' => $number,
            'created_at' => now()->toDateTimeString(),
            'updated_at' => now()->toDateTimeString(),
        ]);

        return Box::query()->findOrFail($change->box_id);
    }

    private function putBack(Box $box, BoxChange $change, bool $wasDeleted): void
    {
        foreach ($change->before['pieces'] as $id => $row) {
            if ($row === null) {
                $there = Piece::query()->whereKey($id)->first();
                LoosePieces::giveBack($there?->lot_id, $there->done ?? new Prepared);
                $there?->delete();
            } else {
                $this->putBackPiece((string) $id, $row);
            }
        }
        if (! $wasDeleted && $change->before['box'] !== []) {
            $box->setRawAttributes([...$box->getAttributes(), ...$change->before['box'] ?? []]);
            $box->save();
        }
    }

    /**
     * @param  array<string, mixed>  $row
     *
     * @throws NotEnoughLeft If there are not as many left.
     * @throws CannotUndo If the lot is gone, or the same thing was put in anew.
     */
    private function putBackPiece(string $id, array $row): void
    {
        $there = Piece::query()->whereKey($id)->first();
        if (is_string($row['lot_id'] ?? null)) {
            $more = (int) $row['quantity'] - ($there->quantity ?? 0);
            $lot = Lot::withSetAside()->whereKey($row['lot_id'])->first() ?? throw CannotUndo::changedSince();
            $more <= 0 || $lot->stock()->settingAside($more);
            $more <= 0 || KeepForNext::used($lot->id, $more);
            LoosePieces::giveBack($lot->id, $there->done ?? new Prepared);
            LoosePieces::takeAgain($lot->id, Prepared::ofData((array) json_decode((string) $row['done'], true)));
        }
        // The same thing may have been put in anew meanwhile.
        $there !== null
            || Piece::query()
                ->where('box_id', $row['box_id'])
                ->where(['lot_id' => $row['lot_id'], 'kind' => $row['kind']])
                ->doesntExist()
            || throw CannotUndo::changedSince();
        $stamped = [...$row, 'updated_at' => now()->toDateTimeString()];
        $there === null
            ? DB::table('pieces')->insert([...$stamped, 'created_at' => now()->toDateTimeString()])
            : DB::table('pieces')->where('id', $id)->update($stamped);
    }
}
