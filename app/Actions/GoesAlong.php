<?php

declare(strict_types=1);

namespace App\Actions;

use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;

/**
 * What hangs on a box or a lot is deleted with it, and comes back with it.
 *
 * @phpstan-type RowsByTable array<string, list<array<string, mixed>>>
 */
final class GoesAlong
{
    /** What hangs on a lot, by table: the columns that name it. */
    public const WITH_A_LOT = [
        'kit_parts' => ['kit_id', 'lot_id'], 'left_behinds' => ['lot_id'], 'idea_things' => ['lot_id'],
        'lot_photos' => ['lot_id'], 'makings' => ['lot_id'], 'pieces' => ['lot_id'],
    ];

    /** What hangs on a box; its pieces are told by its history. */
    public const WITH_A_BOX = [
        'box_notes' => ['box_id'], 'note_photos' => ['box_id'], 'box_photos' => ['box_id'], 'box_themes' => ['box_id'],
        'trip_boxes' => ['box_id'], 'benches' => ['box_id'], 'bench_presses' => ['box_id'],
    ];

    /**
     * @param  array<string, list<string>>  $tables  one of those above
     * @return RowsByTable
     */
    public static function rows(array $tables, string $id): array
    {
        $with = [];
        foreach ($tables as $table => $columns) {
            $rows = DB::table($table)->where(static function ($query) use ($columns, $id): void {
                foreach ($columns as $column) {
                    $query->orWhere($column, $id);
                }
            })->get();
            $with[$table] = array_map(static fn (object $row): array => (array) $row, array_values($rows->all()));
        }

        return array_filter($with);
    }

    /** Determine if the database refused a row because what it hangs on is gone, or it is there already. */
    public static function hasNoPlace(QueryException $why): bool
    {
        return str_starts_with((string) $why->getCode(), '23');
    }

    /**
     * Bring rows back as far as they still have their place: not where the trip or the idea is gone by now.
     *
     * @param  RowsByTable  $with
     */
    public static function comeBack(array $with): void
    {
        foreach ($with as $table => $rows) {
            foreach ($rows as $row) {
                try {
                    DB::transaction(static fn () => DB::table($table)->insertOrIgnore($row));
                } catch (QueryException $why) {
                    self::hasNoPlace($why) || throw $why;
                }
            }
        }
    }
}
