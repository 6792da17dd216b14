<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Box;
use App\Models\Lot;
use App\Refusals\CannotChangeBox;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Stash\NotEnoughLeft;

/** Puts new lots into the stash: all of them, once, or none. */
final readonly class KeepLots
{
    public function __construct(private Once $once, private FillBox $fillBox, private LotHistory $history) {}

    public function execute(Lot ...$lots): void
    {
        DB::transaction(function () use ($lots): void {
            $this->once->claim();
            foreach ($lots as $lot) {
                $lot->save();
                $this->history->came($lot);
            }
        });
    }

    /**
     * Put new lots into the stash, and those that are for a box into it, as many as there are.
     *
     * @param  list<array{lot: Lot, box: Box|null}>  $lots
     *
     * @throws NotEnoughLeft If they cannot be promised to a box.
     * @throws CannotChangeBox If a box's lid is on, or it would hold too many.
     */
    public function forBoxes(array $lots): void
    {
        DB::transaction(function () use ($lots): void {
            $this->execute(...array_column($lots, 'lot'));
            foreach ($lots as ['lot' => $lot, 'box' => $box]) {
                $box === null || $this->fillBox->pick($box, $lot, $lot->pieces);
            }
        });
    }
}
