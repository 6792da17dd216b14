<?php

declare(strict_types=1);

namespace App\Database;

use Closure;
use Illuminate\Database\PostgresConnection;

/** On PostgreSQL transactions wait for one another as they do on SQLite, and as long. */
final class OneWriterPostgres extends PostgresConnection implements OneWriter
{
    /** Held until the transaction ends; the number is ours. */
    public const TAKES_THE_LOCK = 'select pg_advisory_xact_lock(7465)';

    private const WAITS_MS = 5_000;

    private int $waitsMs = self::WAITS_MS;

    protected function executeBeginTransactionStatement(): void
    {
        $this->getPdo()->beginTransaction();
        $this->getPdo()->exec("set local lock_timeout = {$this->waitsMs}");
        $this->getPdo()->exec(self::TAKES_THE_LOCK);
    }

    public function withoutWaiting(Closure $write): void
    {
        try {
            $this->waitsMs = 1;
            $this->statement('set lock_timeout = 1');
            $write();
        } finally {
            $this->waitsMs = self::WAITS_MS;
            $this->statement('set lock_timeout = 0');
        }
    }
}
