<?php

declare(strict_types=1);

namespace App\Actions;

use App\Csv\LotColumn;
use App\Csv\LotImport;
use App\Models\Lot;
use Illuminate\Support\Facades\DB;

/**
 * Puts the good rows of a sent file into the stash, a chunk in one transaction; what was kept by an earlier import is
 * passed over.
 */
final class KeepImportedLots
{
    /**
     * @param  array<int, LotColumn>  $columns
     * @param  int  $from  how many rows come before the chunk
     * @return array{kept: int, known: int, bad: int}
     */
    public function execute(LotImport $import, array $columns, int $from): array
    {
        $chunk = $import->chunk($columns, $from);

        return DB::transaction(static function () use ($import, $chunk): array {
            $known = array_flip(
                Lot::query()
                    ->toBase()
                    ->whereIn('import_key', array_column($chunk['good'], 'key'))
                    ->pluck('import_key')
                    ->all(),
            );
            $there = array_flip(
                Lot::query()->toBase()->whereIn('id', array_column($chunk['good'], 'id'))->pluck('id')->all(),
            );
            // Taken out of this stash and brought in again, it is the lot that it was.
            $new = array_filter(
                $chunk['good'],
                static fn (array $row): bool => ! isset($known[$row['key']]) && ! isset($there[$row['id']]),
            );
            foreach ($new as ['key' => $key, 'lot' => $lot]) {
                $lot->forceFill([
                    'crew_id' => $import->user->crew_id,
                    'import_key' => $key,
                    'import_id' => $import->id,
                ])->save();
            }

            return ['kept' => count($new), 'known' => count($chunk['good']) - count($new), 'bad' => $chunk['bad']];
        });
    }
}
