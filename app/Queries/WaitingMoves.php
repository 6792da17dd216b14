<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\Box;
use App\Models\Lot;
use App\Models\Piece;
use PluckyWren\Core\Box\Shopping\OnHand;

/**
 * What has come in, whatever way it came, for the boxes that have it on their list to buy: the one that is furthest
 * along first, the older thing first, clothes where their size suits.
 */
final class WaitingMoves
{
    /**
     * @return list<array{box: Box, lot: Lot, count: int}>
     */
    public function all(): array
    {
        $waiting = $this->waiting();
        if ($waiting === []) {
            return [];
        }
        $wanted = [];
        foreach ($waiting as $piece) {
            $wanted[(string) $piece->kind] = ($wanted[(string) $piece->kind] ?? 0) + $piece->quantity;
        }
        $lots = $left = [];
        foreach (OldestLeft::of(array_keys($wanted), max($wanted)) as $lot) {
            $lots[$lot->kind][] = $lot;
            $left[$lot->id] = $lot->stock()->onHand();
        }
        $moves = [];
        foreach ($waiting as $piece) {
            $lacks = $piece->quantity;
            $band = $piece->box->recipient()->band;
            foreach ($lots[$piece->kind] ?? [] as $lot) {
                $count = OnHand::suits($lot->itemKind(), (string) $lot->size_label, $band)
                    ? min($lacks, $left[$lot->id])
                    : 0;
                if ($count > 0) {
                    $moves[] = ['box' => $piece->box, 'lot' => $lot, 'count' => $count];
                    $left[$lot->id] -= $count;
                    $lacks -= $count;
                }
            }
        }

        return $moves;
    }

    /**
     * @return list<Piece> what open boxes have on their lists and the stash has at all, the box that is furthest along
     *     first
     */
    private function waiting(): array
    {
        $there = Lot::query();
        $there->whereRaw(Lot::HAS_SOME_LEFT)->select('kind');
        $query = Piece::query()->with('box');
        $query->whereNull('lot_id')->whereIn('kind', $there);
        $query->whereIn('box_id', Box::stillOpen()->select('id'));
        $pieces = $query->get()->all();
        usort(
            $pieces,
            static fn (Piece $one, Piece $other): int => [-$one->box->stage->place(), $one->box->number, $one->id] <=> [
                -$other->box->stage->place(), $other->box->number, $other->id,
            ],
        );

        return $pieces;
    }
}
