<?php

declare(strict_types=1);

namespace App\Archive;

use Illuminate\Support\Facades\DB;

/** The tables in which a crew has rows of its own, in an order in which they can be filled again. */
final class CrewTables
{
    /** What is a crew's for the moment only, or opens doors: accounts, links, keys, packings that are tried again. */
    private const NOT_TAKEN = [
        'users', 'sign_ins', 'invites', 'helper_links', 'shopping_ticks', 'box_seats', 'once_keys', 'fit_results',
        'row_changes',
    ];

    /** @return list<string> whoever is named by a row of another stands before it */
    public static function inOrder(): array
    {
        $left = [];
        foreach (DB::select("SELECT name FROM sqlite_master WHERE type = 'table' ORDER BY name") as $table) {
            $name = self::text($table, 'name');
            if (in_array('crew_id', self::columns($name), true) && ! in_array($name, self::NOT_TAKEN, true)) {
                $left[$name] = array_column(self::parents($name), 'table');
            }
        }
        $order = [];
        while ($left !== []) {
            foreach ($left as $name => $parents) {
                if (array_intersect($parents, array_diff(array_keys($left), [$name])) === []) {
                    $order[] = $name;
                    unset($left[$name]);
                }
            }
        }

        return $order;
    }

    /** @return list<string> */
    public static function columns(string $table): array
    {
        return array_values(array_map(
            static fn (object $column): string => self::text($column, 'name'),
            DB::select('SELECT name FROM pragma_table_info(?)', [$table]),
        ));
    }

    /** @return array<string, array{table: string, column: string}> by the column that names a row of another table */
    public static function parents(string $table): array
    {
        $parents = [];
        foreach (DB::select('SELECT "table", "from", "to" FROM pragma_foreign_key_list(?)', [$table]) as $key) {
            if (self::text($key, 'from') !== 'crew_id') {
                $parents[self::text($key, 'from')] = [
                    'table' => self::text($key, 'table'), 'column' => self::text($key, 'to'),
                ];
            }
        }

        return $parents;
    }

    /** Determine if rows of a table go by numbers, which are given anew where they come in. */
    public static function hasNumbers(string $table): bool
    {
        return DB::select(
            "SELECT 1 FROM pragma_table_info(?) WHERE name = 'id' AND type = 'INTEGER' AND pk = 1",
            [$table],
        ) !== [];
    }

    private static function text(object $row, string $column): string
    {
        $value = ((array) $row)[$column] ?? '';

        return is_string($value) ? $value : '';
    }
}
