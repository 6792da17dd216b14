<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Piece;
use App\Refusals\CannotChangeBox;
use Illuminate\Support\Facades\DB;

/** Says of a piece that it lies on the table, or that it does not. */
final class LayOut
{
    /** @throws CannotChangeBox If the lid is on. */
    public function execute(Piece $piece, bool $isLaidOut): void
    {
        DB::transaction(static function () use ($piece, $isLaidOut): void {
            $fresh = Piece::query()->with('box')->whereKey($piece->id)->firstOrFail();
            CannotChangeBox::unlessOpen($fresh->box->stage);
            $fresh->update(['is_laid_out' => $isLaidOut]);
        });
    }
}
