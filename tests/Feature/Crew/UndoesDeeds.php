<?php

declare(strict_types=1);

namespace Tests\Feature\Crew;

use App\Archive\CrewTables;
use Illuminate\Support\Facades\DB;
use Tests\Feature\TestCase;

/**
 * Does something, takes it back by what its answer offers, and looks whether all is as it was.
 *
 * @phpstan-require-extends TestCase
 */
trait UndoesDeeds
{
    /**
     * @param  array<string, callable>  $deeds  by what they are called
     * @param  list<string>  $tables
     */
    private function assertEachIsUndone(array $deeds, array $tables): void
    {
        foreach ($deeds as $name => $deed) {
            $before = self::rowsOf($tables);
            $undo = $this->undoOf($deed, $name);
            self::assertNotEquals($before, self::rowsOf($tables), $name);
            $this->post($undo)->assertRedirect()->assertSessionHasNoErrors();
            self::assertEquals($before, self::rowsOf($tables), $name);
        }
    }

    /**
     * Do something, and get the address at which its answer offers to undo it.
     *
     * @param  string  $of  what is in that address: a whole deed, or a page's own way back
     */
    private function undoOf(callable $deed, string $name = '', string $of = '/deeds/'): string
    {
        $deed()->assertRedirect()->assertSessionHasNoErrors();
        $undo = session('undo');
        self::assertIsString($undo, "{$name} offers no undo.");
        self::assertStringContainsString($of, $undo, $name);
        session()->forget('undo');

        return (string) preg_replace('~^https?://[^/]+~', '', $undo);
    }

    /**
     * @param  list<string>  $tables
     * @return array<string, array<int, array<string, mixed>>> rows, but for their times
     */
    private static function rowsOf(array $tables): array
    {
        $rows = [];
        foreach ($tables as $table) {
            $all = DB::table($table)->orderByRaw(CrewTables::order($table))->get();
            $rows[$table] = $all->map(static fn (object $row): array => array_diff_key(
                (array) $row,
                ['created_at' => 1, 'updated_at' => 1, 'version' => 1],
            ))->all();
        }

        return $rows;
    }
}
