<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Support\Facades\DB;
use PDO;
use RuntimeException;

/** The demo table, laid once in a run: all of its boxes are solved while it is laid, which takes a while. */
final class DemoTable
{
    /** Get the file with it; whoever needs it first lays it, and who comes meanwhile waits. */
    public static function laid(): string
    {
        $laid = Run::shared().'/demo.sqlite';
        $turn = fopen("{$laid}.turn", 'c');
        $turn !== false && flock($turn, LOCK_EX) || throw new RuntimeException('The demo table cannot be laid.');
        if (! is_file($laid)) {
            touch("{$laid}.new");
            foreach (['migrate --force', 'db:seed --force'] as $command) {
                self::artisan($command, ['DB_CONNECTION' => 'sqlite', 'DB_DATABASE' => "{$laid}.new"]);
            }
            (new PDO("sqlite:{$laid}.new"))->exec('PRAGMA wal_checkpoint(TRUNCATE); PRAGMA journal_mode=DELETE');
            rename("{$laid}.new", $laid);
        }
        fclose($turn);

        return $laid;
    }

    /**
     * Run a command of the application.
     *
     * @param  array<string, string>  $environment  on top of that of the tests
     */
    public static function artisan(string $command, array $environment): void
    {
        $process = proc_open(
            'php artisan '.$command.' 2>&1',
            [1 => ['pipe', 'w']],
            $pipes,
            dirname(__DIR__, 2),
            [...getenv(), ...$environment],
        );
        is_resource($process) || throw new RuntimeException("Could not run artisan {$command}.");
        $said = (string) stream_get_contents($pipes[1]);
        proc_close($process) === 0 || throw new RuntimeException("artisan {$command} failed: {$said}");
    }

    /** Put all that lies on it on the table in hand, as it was laid; what lay there before is gone. */
    public static function putOn(string $laid): void
    {
        $from = new PDO("sqlite:{$laid}", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
        $tables = $from->query(
            "select name from sqlite_master where type = 'table' and name not in ('migrations', 'sqlite_sequence')",
        );
        DB::statement('PRAGMA defer_foreign_keys = ON');
        DB::table('users')->delete();
        DB::table('crews')->delete();
        foreach ($tables === false ? [] : $tables->fetchAll(PDO::FETCH_COLUMN) as $table) {
            $rows = $from->query("select * from \"{$table}\"");
            foreach (array_chunk($rows === false ? [] : $rows->fetchAll(PDO::FETCH_ASSOC), 20) as $some) {
                DB::table($table)->insert($some);
            }
        }
    }
}
