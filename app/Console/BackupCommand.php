<?php

declare(strict_types=1);

namespace App\Console;

use App\Database\Backups;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;
use RuntimeException;

/** For a timer, every night: copies the table while people work, checks the copy, and keeps the newest. */
final class BackupCommand extends Command
{
    use AsksForSqlite;

    protected $signature = 'wren:backup {--to= : the folder} {--keep=14 : how many are kept}';

    protected $description = 'Copy the table into a folder of backups, and check the copy';

    public function handle(): int
    {
        if ($this->isElsewhere()) {
            return self::FAILURE;
        }
        $folder = is_string($to = $this->option('to')) ? $to : config()->string('wren.backups');
        $backups = new Backups(config()->string('database.connections.sqlite.database'), $folder);
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
