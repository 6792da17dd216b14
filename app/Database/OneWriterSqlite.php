<?php

declare(strict_types=1);

namespace App\Database;

use Closure;
use Illuminate\Database\SQLiteConnection;

/**
 * Takes the write lock as a transaction begins. SQLite waits for it then; asked for later, after something was read, it
 * would refuse at once. The framework's `transaction_mode` does the same from PHP 8.4 on, and is passed over before.
 */
final class OneWriterSqlite extends SQLiteConnection implements OneWriter
{
    /** Changes nothing and still needs the lock; this table is there before any transaction. */
    private const TAKES_THE_LOCK = 'update migrations set id = id where 0';

    protected function executeBeginTransactionStatement(): void
    {
        $this->getPdo()->beginTransaction();
        $this->getPdo()->exec(self::TAKES_THE_LOCK);
    }

    public function withoutWaiting(Closure $write): void
    {
        $usual = config()->integer('database.connections.sqlite.busy_timeout');
        try {
            $this->statement('PRAGMA busy_timeout = 0');
            $write();
        } finally {
            $this->statement("PRAGMA busy_timeout = {$usual}");
        }
    }
}
