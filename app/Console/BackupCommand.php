<?php

declare(strict_types=1);

namespace App\Console;

use Carbon\CarbonImmutable;
use Illuminate\Console\Command;
use RuntimeException;

/** For a timer, every night: copies the table while people work, checks the copy, and keeps the newest. */
final class BackupCommand extends Command
{
    use UsesBackups;

    protected $signature = 'wren:backup {--to= : the folder} {--keep=14 : how many are kept}';

    protected $description = 'Copy the table into a folder of backups, and check the copy';

    public function handle(): int
    {
        $backups = $this->backups();
        if ($backups === null) {
            return self::FAILURE;
        }
        try {
            $path = $backups->make(CarbonImmutable::now());
        } catch (RuntimeException $why) {
            $this->error($why->getMessage());

            return self::FAILURE;
        }
        $deleted = $backups->keepNewest((int) $this->option('keep'));
        $this->line("{$path} is made and sound; {$deleted} older ones are deleted.");

        return self::SUCCESS;
    }
}
