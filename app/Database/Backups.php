<?php

declare(strict_types=1);

namespace App\Database;

use DateTimeImmutable;
use RuntimeException;
use SQLite3;
use Throwable;

/**
 * Copies of the whole table in a folder of their own: made while people work, checked before they count, and put back
 * in one go.
 */
final readonly class Backups
{
    private const NAME = 'plucky-wren-';

    /** Whoever writes meanwhile is waited for so long. */
    private const PATIENCE_MS = 30_000;

    public function __construct(private string $database, private string $folder) {}

    /**
     * Make a copy.
     *
     * @return string its path
     *
     * @throws RuntimeException If it cannot be written, or is not sound.
     */
    public function make(DateTimeImmutable $now): string
    {
        is_dir($this->folder) || @mkdir($this->folder, 0o700, true) || is_dir($this->folder)
            || throw new RuntimeException("The folder {$this->folder} cannot be made.");
        $path = $this->pathOf($now);
        $unfinished = "{$path}.unfinished";
        try {
            self::copy($this->database, $unfinished);
            self::check($unfinished);
            chmod($unfinished, 0o600);
            rename($unfinished, $path) || throw new RuntimeException("The copy cannot be named {$path}.");
        } finally {
            is_file($unfinished) && unlink($unfinished);
        }

        return $path;
    }

    /** A path of its own: what is copied aside in the same second must not lie over the copy that is put back. */
    private function pathOf(DateTimeImmutable $at): string
    {
        do {
            $path = "{$this->folder}/".self::NAME.$at->format('Y-m-d-His').'.sqlite';
            $at = $at->modify('+1 second');
        } while (is_file($path));

        return $path;
    }

    /**
     * Keep the newest copies and delete the others.
     *
     * @return int how many were deleted
     */
    public function keepNewest(int $keep): int
    {
        $old = array_slice($this->all(), max(1, $keep));
        array_map(unlink(...), $old);

        return count($old);
    }

    /**
     * Put a copy in the place of the table; what was there is copied aside before.
     *
     * @return string the path of the copy of what was there
     *
     * @throws RuntimeException If it is no sound copy, or the table cannot be written.
     */
    public function restore(string $path, DateTimeImmutable $now): string
    {
        self::check($path);
        $before = is_file($this->database) && filesize($this->database) > 0 ? $this->make($now) : '';
        self::copy($path, $this->database);
        self::check($this->database);

        return $before;
    }

    /** @return list<string> paths, the newest first */
    public function all(): array
    {
        $paths = glob("{$this->folder}/".self::NAME.'*.sqlite') ?: [];
        rsort($paths);

        return $paths;
    }

    /** @throws RuntimeException If it cannot be copied whole. */
    private static function copy(string $from, string $to): void
    {
        try {
            $source = new SQLite3($from, SQLITE3_OPEN_READONLY);
            $target = new SQLite3($to);
            foreach ([$source, $target] as $one) {
                $one->enableExceptions(true);
                $one->busyTimeout(self::PATIENCE_MS);
            }
            $source->backup($target) || throw new RuntimeException('The copy broke off.');
            $target->close();
            $source->close();
        } catch (Throwable $why) {
            throw new RuntimeException("{$from} cannot be copied to {$to}: {$why->getMessage()}", 0, $why);
        }
    }

    /** @throws RuntimeException If it is no table of ours, or not sound. */
    private static function check(string $path): void
    {
        is_file($path) || throw new RuntimeException("There is no file {$path}.");
        try {
            $copy = new SQLite3($path, SQLITE3_OPEN_READONLY);
            $copy->enableExceptions(true);
            $isSound = $copy->querySingle('PRAGMA integrity_check') === 'ok'
                && $copy->querySingle('SELECT count(*) FROM pragma_foreign_key_check()') === 0;
            $isOurs = $copy->querySingle("SELECT count(*) FROM sqlite_master WHERE name IN ('crews', 'boxes')") === 2;
            $copy->close();
        } catch (Throwable $why) {
            throw new RuntimeException("{$path} is no table: {$why->getMessage()}", 0, $why);
        }
        $isSound || throw new RuntimeException("{$path} is damaged.");
        $isOurs || throw new RuntimeException("{$path} is no table of Plucky Wren.");
    }
}
