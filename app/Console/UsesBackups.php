<?php

declare(strict_types=1);

namespace App\Console;

use App\Database\Backups;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/**
 * A command that copies the file in which the table is, from or to a folder that is said with `--to`.
 *
 * @phpstan-require-extends Command
 */
trait UsesBackups
{
    /** Get the backups; null where the table is in no such file, which is told then. */
    private function backups(): ?Backups
    {
        if (DB::connection()->getDriverName() !== 'sqlite') {
            $this->error('This is for a table in a SQLite file. PostgreSQL has pg_dump and pg_restore.');

            return null;
        }
        $folder = is_string($to = $this->option('to')) ? $to : config()->string('wren.backups');

        return new Backups(config()->string('database.connections.sqlite.database'), $folder);
    }
}
