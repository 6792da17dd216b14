<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Box;
use App\Models\Piece;
use App\Refusals\CannotChangeBox;
use App\Refusals\CannotRide;
use PluckyWren\Core\Box\Holders;

/** What whoever packs a box says of one piece of it: in which other it rides, and what it counts as. */
final readonly class ChoosePiece
{
    public function __construct(private BoxHistory $history) {}

    /**
     * @param  string|null  $into  the id of the piece in which it is to ride; null where it lies in the box itself
     *
     * @throws CannotChangeBox If the lid is on.
     * @throws CannotRide If it does not go in there.
     */
    public function into(Piece $piece, ?string $into): void
    {
        $this->history->of($piece->box, $into === null ? 'out-of-holder' : 'into-holder', static function () use (
            $piece,
            $into,
        ): void {
            $box = OpenBox::afresh($piece->box_id);
            if ($into !== null) {
                $plan = $box->plan();
                $planned = array_column($plan->pieces, null, 'id');
                $holder = $planned[$into] ?? throw CannotRide::gone();
                [$holders, $rider] = [new Holders($plan), $planned[$piece->id]];
                $why = $holders->refusal($rider, $holder);
                $why === null || throw CannotRide::because($why, $rider, $holder, $holders->likelyFor($rider));
            }
            Piece::query()->whereKey($piece->id)->firstOrFail()->update(['into_id' => $into]);
        });
    }

    /**
     * @param  string|null  $need  the id of a need of the guide; null where it counts as what it is
     *
     * @throws CannotChangeBox If the lid is on.
     */
    public function countsAs(Piece $piece, ?string $need): void
    {
        $this->history->of($piece->box, 'counts-as', static function () use ($piece, $need): void {
            OpenBox::afresh($piece->box_id);
            Piece::query()->whereKey($piece->id)->firstOrFail()->update(['counts_as' => $need]);
        });
    }
}
