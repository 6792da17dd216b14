<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Lot;
use Illuminate\Support\Facades\DB;

/** Takes a whole import back, as far as nothing was done with it since. */
final class UndoImport
{
    /**
     * @return array{int, int} how many lots are gone again, and how many stay, as they were changed or promised to a
     *     box
     */
    public function execute(string $importId): array
    {
        return DB::transaction(static function () use ($importId): array {
            $untouched = Lot::query()->where('import_id', $importId)->where('version', 1)->doesntHave('setAsidePieces');
            $gone = (int) $untouched->delete();

            return [$gone, Lot::query()->where('import_id', $importId)->count()];
        });
    }
}
