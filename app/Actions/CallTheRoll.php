<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Lot;
use App\Models\Piece;
use App\Refusals\CannotChangeBox;
use App\Refusals\CannotPayBack;
use App\Refusals\ChangedMeanwhile;
use App\Words\Words;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Stash\Fault;
use PluckyWren\Core\Stash\FaultEnd;
use PluckyWren\Core\Stash\NotEnoughLeft;

/** What is done about a piece that is not on the table: it is there, it is not to be found, or it is another. */
final readonly class CallTheRoll
{
    public function __construct(private FillBox $fillBox, private ChangeLot $changeLot, private Once $once) {}

    /**
     * Say of a piece that it lies on the table, or that it does not.
     *
     * @throws CannotChangeBox If the lid is on.
     */
    public function isLaidOut(Piece $piece, bool $isLaidOut): void
    {
        self::mark($piece, ['is_laid_out' => $isLaidOut, 'is_missing' => false]);
    }

    /**
     * It is not here now, and is waited for.
     *
     * @throws CannotChangeBox If the lid is on.
     */
    public function wait(Piece $piece): void
    {
        self::mark($piece, ['is_laid_out' => false, 'is_missing' => true]);
    }

    /**
     * Plan without it; if it turns up, it waits for the next box.
     *
     * @throws CannotChangeBox If the lid is on.
     */
    public function without(Piece $piece): void
    {
        $this->fillBox->leaveForNext($piece, Words::of('pack/bench.roll.not-found'));
    }

    /**
     * Its lot is of another size than was thought: as it was measured now.
     *
     * @throws ChangedMeanwhile If someone else changed it at the same time.
     * @throws NotEnoughLeft Never, as its number stays.
     */
    public function measured(Piece $piece, Size $size): void
    {
        DB::transaction(function () use ($piece, $size): void {
            $this->once->claim();
            $lot = Lot::query()->findOrFail($piece->lot_id);
            // In its packaging it is measured in its packaging.
            $lot->fill($lot->is_packaged ? ['packaged' => $size] : ['size' => $size]);
            $lot->is_measured = true;
            $this->changeLot->correct($lot);
        });
    }

    /**
     * It is damaged: out of the box, and its pieces wait until someone decides what becomes of them.
     *
     * @throws CannotChangeBox If the lid is on.
     * @throws NotEnoughLeft If someone took of them at the same time.
     * @throws CannotPayBack Never, as nothing is paid back.
     */
    public function damaged(Piece $piece): void
    {
        DB::transaction(function () use ($piece): void {
            $fresh = Piece::query()->with('box')->whereKey($piece->id)->firstOrFail();
            $this->fillBox->takeOut($fresh);
            $lot = Lot::query()->findOrFail($fresh->lot_id);
            $this->changeLot->fault($lot, $fresh->quantity, Fault::Damage, FaultEnd::Undecided, null);
        });
    }

    /** @param array<string, bool> $marks */
    private static function mark(Piece $piece, array $marks): void
    {
        DB::transaction(static function () use ($piece, $marks): void {
            $fresh = Piece::query()->with('box')->whereKey($piece->id)->firstOrFail();
            CannotChangeBox::unlessOpen($fresh->box->stage);
            $fresh->update($marks);
        });
    }
}
