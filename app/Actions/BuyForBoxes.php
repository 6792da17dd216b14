<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Lot;
use App\Models\Piece;
use App\Models\ShoppingTick;
use App\Refusals\CannotChangeBox;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Stash\NotEnoughLeft;

/**
 * Puts what was bought into the stash, and sets it aside for the boxes that have it on their list, in the order of the
 * shelf.
 */
final readonly class BuyForBoxes
{
    public function __construct(private FillBox $fillBox, private LotHistory $history, private Once $once) {}

    /**
     * @return int how many pieces were set aside
     *
     * @throws NotEnoughLeft Never, as no more is set aside than there is.
     * @throws CannotChangeBox Never, as only open boxes are filled.
     */
    public function execute(Lot $lot): int
    {
        return DB::transaction(function () use ($lot): int {
            $this->once->claim();
            $lot->save();
            $this->history->came($lot);
            ShoppingTick::query()->where('kind', $lot->kind)->delete();
            $left = $lot->pieces;
            $lists = Piece::query()
                ->with('box')
                ->where('kind', $lot->kind)
                ->get()
                ->filter(static fn (Piece $piece): bool => $piece->box->stage->isOpen());
            foreach ($lists->sortBy(static fn (Piece $piece): int => $piece->box->number) as $listed) {
                $count = min($left, $listed->quantity);
                if ($count > 0) {
                    $this->fillBox->pick($listed->box, $lot, $count);
                    $left -= $count;
                }
            }

            return $lot->pieces - $left;
        });
    }
}
