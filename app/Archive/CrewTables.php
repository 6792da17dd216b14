<?php

declare(strict_types=1);

namespace App\Archive;

use Illuminate\Support\Facades\Schema;

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
        $names = array_column(Schema::getTables(), 'name');
        sort($names);
        foreach ($names as $name) {
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
        return array_column(Schema::getColumns($table), 'name');
    }

    /** @return array<string, array{table: string, column: string}> by the column that names a row of another table */
    public static function parents(string $table): array
    {
        $parents = [];
        foreach (Schema::getForeignKeys($table) as $key) {
            foreach ($key['columns'] as $at => $column) {
                if ($column !== 'crew_id') {
                    $parents[$column] = ['table' => $key['foreign_table'], 'column' => $key['foreign_columns'][$at]];
                }
            }
        }

        return $parents;
    }

    /** Get the columns by which its rows are told apart, as SQL to order them by. */
    public static function order(string $table): string
    {
        foreach (Schema::getIndexes($table) as $index) {
            if ($index['primary']) {
                return implode(', ', $index['columns']);
            }
        }

        return implode(', ', self::columns($table));
    }

    /** Determine if rows of a table go by numbers, which are given anew where they come in. */
    public static function hasNumbers(string $table): bool
    {
        $types = array_column(Schema::getColumns($table), 'type_name', 'name');

        return in_array($types['id'] ?? '', ['integer', 'int8'], true);
    }
}
