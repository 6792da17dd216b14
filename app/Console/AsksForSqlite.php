<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** A command that copies the file in which the table is. */
trait AsksForSqlite
{
    /** Tell whoever runs it on another database what to use instead, and determine if that was needed. */
    private function isElsewhere(): bool
    {
        $isElsewhere = DB::connection()->getDriverName() !== 'sqlite';
        $isElsewhere && $this->error('This is for a table in a SQLite file. PostgreSQL has pg_dump and pg_restore.');

        return $isElsewhere;
    }
}
