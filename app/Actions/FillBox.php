<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Box;
use App\Models\Lot;
use App\Models\Piece;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Box\StartingList;
use PluckyWren\Core\Stash\ItemKind;
use PluckyWren\Core\Stash\NotEnoughLeft;

/** Puts pieces into a box and takes them out; each call is one transaction that holds the write lock from the start. */
final readonly class FillBox
{
    public const MOST_OF_ONE = 100;

    public function __construct(private StartingList $startingList) {}

    /**
     * Set aside pieces of a lot for a box, in place of what was still to buy.
     *
     * @throws NotEnoughLeft If fewer are on hand.
     * @throws CannotChangeBox If the lid is on, or the box would hold too many of one.
     */
    public function pick(Box $box, Lot $lot, int $quantity): Piece
    {
        return DB::transaction(function () use ($box, $lot, $quantity): Piece {
            $this->refuseUnlessOpen($box);
            $this->fresh($lot)->stock()->settingAside($quantity);
            $piece = Piece::query()->where('box_id', $box->id)->where('lot_id', $lot->id)->first()
                ?? new Piece(['crew_id' => $box->crew_id, 'box_id' => $box->id, 'lot_id' => $lot->id, 'quantity' => 0]);
            $piece->quantity += $quantity;
            $piece->done = [];
            $this->refuseTooMany($piece->quantity);
            $piece->save();
            $this->takeOffList($box, $lot->kind, $quantity);

            return $piece;
        });
    }

    /**
     * Make a lot of a new thing and set part of it aside in one go.
     *
     * @throws NotEnoughLeft If more are asked for than were got.
     * @throws CannotChangeBox If the lid is on.
     */
    public function add(Box $box, Lot $lot, int $quantity): Piece
    {
        return DB::transaction(function () use ($box, $lot, $quantity): Piece {
            $lot->crew_id = $box->crew_id;
            $lot->save();

            return $this->pick($box, $lot, $quantity);
        });
    }

    /**
     * Put a kind on the box's list of things still to buy.
     *
     * @throws CannotChangeBox If the lid is on, or the box would hold too many of one.
     */
    public function list(Box $box, ItemKind $kind, int $quantity): Piece
    {
        return DB::transaction(function () use ($box, $kind, $quantity): Piece {
            $this->refuseUnlessOpen($box);
            $piece = Piece::query()->where('box_id', $box->id)->where('kind', $kind->id)->first()
                ?? new Piece(['crew_id' => $box->crew_id, 'box_id' => $box->id, 'kind' => $kind->id, 'quantity' => 0]);
            $piece->quantity += $quantity;
            $this->refuseTooMany($piece->quantity);
            $piece->save();

            return $piece;
        });
    }

    /**
     * List whatever the guide asks for and the box lacks as still to buy.
     *
     * @throws CannotChangeBox If the lid is on.
     */
    public function listWhatLacks(Box $box): int
    {
        return DB::transaction(function () use ($box): int {
            $list = $this->startingList->of($box->load('pieces.lot')->plan());
            foreach ($list as [$kind, $count]) {
                $this->list($box, $kind, $count);
            }

            return count($list);
        });
    }

    /**
     * @throws NotEnoughLeft If fewer are on hand.
     * @throws CannotChangeBox If the lid is on.
     */
    public function change(Piece $piece, int $quantity): void
    {
        DB::transaction(function () use ($piece, $quantity): void {
            $this->refuseUnlessOpen($piece->box);
            $fresh = Piece::query()->whereKey($piece->id)->firstOrFail();
            if ($fresh->lot !== null && $quantity > $fresh->quantity) {
                $this->fresh($fresh->lot)->stock()->settingAside($quantity - $fresh->quantity);
            }
            // What was done to three is not done to the fourth.
            $fresh->update(['quantity' => $quantity] + ($quantity > $fresh->quantity ? ['done' => []] : []));
        });
    }

    /** @throws CannotChangeBox If the lid is on. */
    public function takeOut(Piece $piece): void
    {
        DB::transaction(function () use ($piece): void {
            $this->refuseUnlessOpen($piece->box);
            $piece->delete();
        });
    }

    /**
     * Put some of what is in a box back, all at once.
     *
     * @param  array<string, int>  $counts  how many of each, by the piece's id
     *
     * @throws CannotChangeBox If the lid is on.
     */
    public function leaveOut(Box $box, array $counts): void
    {
        DB::transaction(function () use ($box, $counts): void {
            $this->refuseUnlessOpen($box);
            foreach (Piece::query()->where('box_id', $box->id)->whereKey(array_keys($counts))->get() as $piece) {
                $left = $piece->quantity - $counts[$piece->id];
                $left > 0 ? $piece->update(['quantity' => $left]) : $piece->delete();
            }
        });
    }

    /**
     * Take as many of another lot in place of a piece.
     *
     * @throws NotEnoughLeft If fewer are on hand.
     * @throws CannotChangeBox If the lid is on.
     */
    public function swap(Piece $piece, Lot $lot): void
    {
        DB::transaction(function () use ($piece, $lot): void {
            $this->takeOut($piece);
            $this->pick($piece->box, $lot, $piece->quantity);
        });
    }

    private function takeOffList(Box $box, string $kind, int $quantity): void
    {
        $toBuy = Piece::query()->where('box_id', $box->id)->where('kind', $kind)->first();
        if ($toBuy !== null && $toBuy->quantity > $quantity) {
            $toBuy->update(['quantity' => $toBuy->quantity - $quantity]);
        } else {
            $toBuy?->delete();
        }
    }

    private function refuseUnlessOpen(Box $box): void
    {
        $stage = Box::query()->whereKey($box->id)->firstOrFail()->stage;
        $stage->isOpen() || throw CannotChangeBox::lidIsOn($stage);
    }

    private function refuseTooMany(int $quantity): void
    {
        $quantity <= self::MOST_OF_ONE || throw CannotChangeBox::tooMany(self::MOST_OF_ONE);
    }

    private function fresh(Lot $lot): Lot
    {
        return Lot::withSetAside()->whereKey($lot->id)->firstOrFail();
    }
}
