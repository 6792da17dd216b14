<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Box;
use App\Models\Lot;
use App\Models\Piece;
use App\Refusals\CannotChangeBox;
use App\Refusals\ChangedMeanwhile;
use PluckyWren\Core\Box\LeftWhy;
use PluckyWren\Core\Box\OffTheList;
use PluckyWren\Core\Box\StartingList;
use PluckyWren\Core\Stash\ItemKind;
use PluckyWren\Core\Stash\NotEnoughLeft;

/** Puts pieces into a box and takes them out; each call is one transaction that holds the write lock from the start. */
final readonly class FillBox
{
    public const MOST_OF_ONE = 100;

    /** Far more than lie in any gift box, small things counted singly. */
    public const MOST_IN_ALL = 250;

    public function __construct(
        private StartingList $startingList,
        private BoxHistory $history,
        private LotHistory $lots,
        private Once $once,
    ) {}

    /**
     * Set aside pieces of a lot for a box, in place of what was still to buy.
     *
     * @throws NotEnoughLeft If fewer are on hand.
     * @throws CannotChangeBox If the lid is on, or the box would hold too many of one.
     */
    public function pick(Box $box, Lot $lot, int $quantity): Piece
    {
        return $this->history->of($box, 'picked', function () use ($box, $lot, $quantity): Piece {
            $this->once->claim();
            $this->refuseUnlessOpen($box);
            $this->fresh($lot)->stock()->settingAside($quantity);
            KeepForNext::used($lot->id, $quantity);
            $piece = Piece::query()->where('box_id', $box->id)->where('lot_id', $lot->id)->first()
                ?? new Piece(['crew_id' => $box->crew_id, 'box_id' => $box->id, 'lot_id' => $lot->id, 'quantity' => 0]);
            $piece->quantity += $quantity;
            $piece->done = $piece->done->plus(LoosePieces::take($lot->id, $quantity));
            $this->refuseTooMany($piece->quantity);
            $this->refuseTooManyInAll($box->id, $quantity);
            $query = Piece::query()->with('lot');
            $query->where('box_id', $box->id)->whereNull('lot_id')->orderBy('id');
            $list = $query->get();
            // As the box is before it is in.
            $off = $list->isEmpty()
                ? []
                : OffTheList::by($lot->planned('picked', $quantity), OpenBox::afresh($box->id)->plan());
            $piece->save();
            foreach ($list as $toBuy) {
                isset($off[$toBuy->id]) && self::takeOffList($toBuy, $off[$toBuy->id], $piece, $lot->kind);
            }

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
        return $this->history->of($box, 'picked', function () use ($box, $lot, $quantity): Piece {
            $this->once->claim();
            $lot->crew_id = $box->crew_id;
            $lot->save();
            $this->lots->came($lot);

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
        return $this->history->of($box, 'listed', function () use ($box, $kind, $quantity): Piece {
            $this->once->claim();
            $this->refuseUnlessOpen($box);
            $piece = Piece::query()->where('box_id', $box->id)->where('kind', $kind->id)->first()
                ?? new Piece(['crew_id' => $box->crew_id, 'box_id' => $box->id, 'kind' => $kind->id, 'quantity' => 0]);
            $piece->quantity += $quantity;
            $this->refuseTooMany($piece->quantity);
            $this->refuseTooManyInAll($box->id, $quantity);
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
        return $this->history->of($box, 'listed', function () use ($box): int {
            $this->once->claim();
            $list = $this->startingList->of($box->load(Box::CONTENTS)->plan());
            foreach ($list as [$kind, $count]) {
                $this->list($box, $kind, $count);
            }

            return count($list);
        });
    }

    /**
     * @param  int|null  $was  how many there were where the number was typed; null where that is not told
     *
     * @throws NotEnoughLeft If fewer are on hand.
     * @throws CannotChangeBox If the lid is on, or the box would hold too many of one.
     * @throws ChangedMeanwhile If someone else changed the number since.
     */
    public function change(Piece $piece, int $quantity, ?int $was = null): void
    {
        $this->history->of($piece->box, 'number', function () use ($piece, $quantity, $was): void {
            $this->refuseUnlessOpen($piece->box);
            $fresh = Piece::query()->with('lot')->whereKey($piece->id)->firstOrFail();
            $was === null
                || $fresh->quantity === $was
                || $fresh->quantity === $quantity
                || throw ChangedMeanwhile::value((string) $fresh->quantity);
            $this->refuseTooMany($quantity);
            $this->refuseTooManyInAll($piece->box_id, $quantity - $fresh->quantity);
            if ($fresh->lot !== null && $quantity > $fresh->quantity) {
                $this->fresh($fresh->lot)->stock()->settingAside($quantity - $fresh->quantity);
            }
            self::resize($fresh, $quantity);
        });
    }

    /** @throws CannotChangeBox If the lid is on. */
    public function takeOut(Piece $piece): void
    {
        $this->history->of($piece->box, 'taken-out', function () use ($piece): void {
            $this->refuseUnlessOpen($piece->box);
            self::drop($piece);
        });
    }

    /**
     * Put some of what is in a box back, all at once; it waits for the next box.
     *
     * @param  array<string, int>  $counts  how many of each, by the piece's id
     *
     * @throws CannotChangeBox If the lid is on.
     */
    public function leaveOut(Box $box, array $counts, LeftWhy $why = LeftWhy::NoRoom): void
    {
        $this->history->of($box, 'left-out', function () use ($box, $counts, $why): void {
            $this->once->claim();
            $this->refuseUnlessOpen($box);
            $pieces = Piece::query()->with('box')->where('box_id', $box->id)->whereKey(array_keys($counts))->get();
            foreach ($pieces as $piece) {
                $left = $piece->quantity - $counts[$piece->id];
                KeepForNext::add($piece, min($piece->quantity, $counts[$piece->id]), $why);
                $left > 0 ? self::resize($piece, $left) : self::drop($piece);
            }
        });
    }

    /**
     * Take a piece out of its box, for the next one.
     *
     * @throws CannotChangeBox If the lid is on.
     */
    public function leaveForNext(Piece $piece, string $because): void
    {
        $this->history->of($piece->box, 'left-for-next', function () use ($piece, $because): void {
            $this->once->claim();
            $this->refuseUnlessOpen($piece->box);
            $fresh = Piece::query()->with('box')->whereKey($piece->id)->firstOrFail();
            KeepForNext::add(
                $fresh,
                $fresh->quantity,
                $because === '' ? LeftWhy::NoRoom : LeftWhy::Chosen,
                $because === '' ? null : $because,
            );
            self::drop($fresh);
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
        $this->history->of($piece->box, 'swapped', function () use ($piece, $lot): void {
            $this->once->claim();
            $fresh = Piece::query()->whereKey($piece->id)->firstOrFail();
            $this->takeOut($fresh);
            $this->pick($fresh->box, $lot, $fresh->quantity);
        });
    }

    /** Take a piece out; what rode in it lies in the box itself from then on. */
    private static function drop(Piece $piece): void
    {
        LoosePieces::giveBack($piece->lot_id, $piece->done);
        Piece::query()->whereKey($piece->id)->delete();
        Piece::query()->where('box_id', $piece->box_id)->where('into_id', $piece->id)->update(['into_id' => null]);
    }

    /** Have more or fewer of a piece: what was done to some stays with those, and the least prepared go first. */
    private static function resize(Piece $piece, int $quantity): void
    {
        $stays = $piece->done->best($quantity);
        LoosePieces::giveBack($piece->lot_id, $piece->done->minus($stays));
        $more = $quantity - $piece->quantity;
        if ($piece->lot_id !== null && $more > 0) {
            $stays = $stays->plus(LoosePieces::take($piece->lot_id, $more));
        }
        $piece->update(['quantity' => $quantity, 'done' => $stays]);
    }

    /** @param string $kind of what was picked */
    private static function takeOffList(Piece $toBuy, int $count, Piece $picked, string $kind): void
    {
        if ($toBuy->kind === $kind) {
            self::handOn($toBuy, $picked);
        } else {
            $picked->inPlaceOf[] = $toBuy->itemKind()->name;
        }
        $left = $toBuy->quantity - $count;
        $left > 0 ? self::resize($toBuy, $left) : self::drop($toBuy);
    }

    /**
     * What was said of a thing that was still to buy holds for the one that is there: what rides in it, in what it
     * rides, what it counts as, how it is packed and what is done to it.
     */
    private static function handOn(Piece $toBuy, Piece $picked): void
    {
        if ($picked->wasRecentlyCreated) {
            $picked->update($toBuy->only(['counts_as', 'into_id', 'packing', 'work']));
        }
        if ($picked->into_id === null) {
            Piece::query()->where('box_id', $picked->box_id)->where('into_id', $toBuy->id)
                ->update(['into_id' => $picked->id]);
        }
    }

    private function refuseUnlessOpen(Box $box): void
    {
        CannotChangeBox::unlessOpen(Box::query()->whereKey($box->id)->firstOrFail()->stage);
    }

    private function refuseTooMany(int $quantity): void
    {
        $quantity <= self::MOST_OF_ONE || throw CannotChangeBox::tooMany(self::MOST_OF_ONE);
    }

    /** @throws CannotChangeBox If the box would hold more pieces than any does. */
    private function refuseTooManyInAll(string $boxId, int $more): void
    {
        $more <= 0
            || $more + (int) Piece::query()->where('box_id', $boxId)->sum('quantity') <= self::MOST_IN_ALL
            || throw CannotChangeBox::tooManyInAll(self::MOST_IN_ALL);
    }

    private function fresh(Lot $lot): Lot
    {
        return Lot::withSetAside()->whereKey($lot->id)->firstOrFail();
    }
}
