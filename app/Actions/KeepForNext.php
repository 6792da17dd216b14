<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\LeftBehind;
use App\Models\Lot;
use App\Models\Piece;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Box\LeftWhy;

/**
 * The list of what was left out of boxes, for the next one. Its own deeds apart, it is kept within those of boxes:
 * quietly, as their history tells it and takes it back.
 */
final class KeepForNext
{
    /** So many of a piece were left out of its box. */
    public static function add(Piece $piece, int $count, LeftWhy $why, ?string $because = null): void
    {
        if ($piece->lot_id === null) {
            return;
        }
        $left = LeftBehind::query()->where('lot_id', $piece->lot_id)->first() ?? new LeftBehind([
            'crew_id' => $piece->crew_id, 'lot_id' => $piece->lot_id, 'pieces' => 0,
        ]);
        $left->fill([
            'pieces' => $left->pieces + $count, 'why' => $why, 'because' => $because, 'theme' => $piece->box->theme,
        ])->saveQuietly();
    }

    /** So many of a lot went into a box. */
    public static function used(string $lotId, int $count): void
    {
        $left = LeftBehind::query()->where('lot_id', $lotId)->first();
        if ($left !== null && $left->pieces > $count) {
            $left->updateQuietly(['pieces' => $left->pieces - $count]);
        } else {
            $left?->deleteQuietly();
        }
    }

    /** It goes into no next box. */
    public function forget(LeftBehind $left): void
    {
        DB::transaction(static fn () => LeftBehind::destroy($left->id));
    }

    /**
     * @param  list<string>  $ids
     * @return list<array{Lot, int}> those of the list that are still there, with how many of each
     */
    public static function chosen(array $ids): array
    {
        $chosen = [];
        foreach (LeftBehind::query()->whereKey($ids)->orderBy('id')->get() as $left) {
            $lot = Lot::withSetAside()->whereKey($left->lot_id)->firstOrFail();
            $count = min($left->pieces, $lot->stock()->left());
            if ($count > 0) {
                $chosen[] = [$lot, $count];
            }
        }

        return $chosen;
    }
}
