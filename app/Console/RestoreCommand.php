<?php

declare(strict_types=1);

namespace App\Console;

use Carbon\CarbonImmutable;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/** Puts a backup in the place of the table; what was there is kept beside the backups. */
final class RestoreCommand extends Command
{
    use UsesBackups;

    protected $signature = 'wren:restore {file : a backup} {--to= : the folder of backups}';

    protected $description = 'Put a backup in the place of the table';

    public function handle(): int
    {
        $backups = $this->backups();
        if ($backups === null) {
            return self::FAILURE;
        }
        $file = $this->argument('file');
        DB::purge();
        try {
            $before = $backups->restore(is_string($file) ? $file : '', CarbonImmutable::now());
        } catch (RuntimeException $why) {
            $this->error($why->getMessage());

            return self::FAILURE;
        }
        // A backup of an older version is brought up to this one.
        $this->call('migrate', ['--force' => true]);
        $this->line($before === '' ? 'Restored.' : "Restored. What was there before is {$before}.");

        return self::SUCCESS;
    }
}
