<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Migrations\Migrator;
use Illuminate\Support\Facades\DB;
use Throwable;

/** Whether the table can be read and written, and is as this version of the application needs it. */
final readonly class Health
{
    public function __construct(private Migrator $migrator) {}

    /** @return array{table: bool, writable: bool, up-to-date: bool} */
    public function checks(): array
    {
        return [
            'table' => self::holds(static fn (): bool => DB::table('migrations')->exists()),
            // The lock is taken and given back; nothing is written.
            'writable' => self::holds(static function (): bool {
                DB::beginTransaction();
                DB::rollBack();

                return true;
            }),
            'up-to-date' => self::holds(fn (): bool => array_diff(
                array_keys($this->migrator->getMigrationFiles(database_path('migrations'))),
                $this->migrator->getRepository()->getRan(),
            ) === []),
        ];
    }

    /** @param callable(): bool $check */
    private static function holds(callable $check): bool
    {
        try {
            return $check();
        } catch (Throwable) {
            return false;
        }
    }
}
