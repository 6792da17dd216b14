<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Box;
use App\Models\Lot;
use App\Models\Piece;
use App\Queries\OldestLeft;
use App\Refusals\CannotChangeBox;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Box\Shopping\OnHand;
use PluckyWren\Core\Stash\NotEnoughLeft;

/**
 * What has come in, whatever way it came, for the boxes that have it on their list to buy: the one that is furthest
 * along first, the older thing first, clothes where their size suits.
 */
final readonly class FillWaitingBoxes
{
    public function __construct(private FillBox $fillBox, private Once $once) {}

    /**
     * Look what would go where, without moving anything.
     *
     * @return list<array{box: Box, lot: Lot, count: int}>
     */
    public function plan(): array
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
     * Put all of it into the boxes that wait for it, in one act.
     *
     * @return int how many pieces were put in
     *
     * @throws NotEnoughLeft Never, as no more is set aside than there is.
     * @throws CannotChangeBox If a box would hold more than any does.
     */
    public function execute(): int
    {
        return DB::transaction(function (): int {
            $this->once->claim();
            $moves = $this->plan();
            foreach ($moves as $move) {
                $this->fillBox->pick($move['box'], $move['lot'], $move['count']);
            }

            return array_sum(array_column($moves, 'count'));
        });
    }

    /** @return list<Piece> what open boxes have on their lists, the box that is furthest along first */
    private function waiting(): array
    {
        $query = Piece::query()->with('box');
        $query->whereNull('lot_id');
        $pieces = $query->get()->filter(static fn (Piece $piece): bool => $piece->box->stage->isOpen())->all();
        usort(
            $pieces,
            static fn (Piece $one, Piece $other): int => [-$one->box->stage->place(), $one->box->number] <=> [
                -$other->box->stage->place(), $other->box->number,
            ],
        );

        return $pieces;
    }
}
