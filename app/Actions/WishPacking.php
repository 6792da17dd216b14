<?php

declare(strict_types=1);

namespace App\Actions;

use App\Fit\FitRoom;
use App\Models\Box;
use App\Models\Piece;
use App\Refusals\CannotChangeBox;
use Closure;
use PluckyWren\Core\Box\FitProblem;
use PluckyWren\Core\Box\Packing\PackingWish;
use PluckyWren\Core\Fit\Moves\Beneath;

/** How whoever packs a box wants pieces of it packed. */
final readonly class WishPacking
{
    public function __construct(private BoxHistory $history, private FitRoom $fitRoom) {}

    /**
     * @param  Closure(PackingWish): PackingWish  $change
     *
     * @throws CannotChangeBox If the lid is on.
     */
    public function change(Piece $piece, Closure $change): void
    {
        $this->history->of($piece->box, 'packed-own-way', function () use ($piece, $change): void {
            OpenBox::afresh($piece->box_id);
            $fresh = Piece::query()->whereKey($piece->id)->firstOrFail();
            $fresh->update(['packing' => $change($fresh->packing)]);
        });
    }

    /**
     * Keep a piece where it lies now, and all that it lies on.
     *
     * @return bool false where it lies nowhere yet
     *
     * @throws CannotChangeBox If the lid is on.
     */
    public function pin(Piece $piece): bool
    {
        return $this->history->of($piece->box, 'packed-own-way', function () use ($piece): bool {
            $box = OpenBox::afresh($piece->box_id);
            $result = $this->fitRoom->recorded([FitProblem::of($box->plan())])[0] ?? null;
            $pinned = [];
            foreach ($result === null ? [] : Beneath::with($piece->id, $result->placements) as $placement) {
                $pinned[FitProblem::pieceOf($placement->id)][] = $placement;
            }
            foreach (Piece::query()->whereKey(array_keys($pinned))->where('box_id', $box->id)->get() as $one) {
                $one->update(['packing' => $one->packing->pinned($pinned[$one->id])]);
            }

            return isset($pinned[$piece->id]);
        });
    }

    /**
     * Leave it all to the engine again.
     *
     * @throws CannotChangeBox If the lid is on.
     */
    public function forget(Box $box): void
    {
        $this->history->of($box, 'packed-own-way', static function () use ($box): void {
            OpenBox::afresh($box->id);
            foreach (Piece::query()->where('box_id', $box->id)->get() as $piece) {
                $piece->packing->isNothing() || $piece->update(['packing' => new PackingWish]);
            }
        });
    }
}
