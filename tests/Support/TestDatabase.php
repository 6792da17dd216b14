<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Database\OneWriterPostgres;
use Illuminate\Support\Facades\DB;
use PDO;

/** The database of one process of tests: a file, or one of the PostgreSQL server that `bin/test` has started. */
final class TestDatabase
{
    private static string $name = '';

    public static function use(): void
    {
        self::$name = self::$name === '' ? self::made() : self::$name;
        putenv('DB_DATABASE='.self::$name);
    }

    public static function isPostgres(): bool
    {
        return getenv('DB_CONNECTION') === 'pgsql';
    }

    /** Someone else, in the midst of a transaction. */
    public static function someoneWriting(): PDO
    {
        $other = self::isPostgres() ? self::server(self::$name) : self::open('sqlite:'.self::$name);
        $other->exec(self::isPostgres() ? 'BEGIN; '.OneWriterPostgres::TAKES_THE_LOCK : 'BEGIN IMMEDIATE');

        return $other;
    }

    /** @return list<string> tables with rows whose others are gone; PostgreSQL lets none in, at no time */
    public static function hangingInTheAir(): array
    {
        $broken = self::isPostgres() ? [] : DB::select('PRAGMA foreign_key_check');

        return array_map(strval(...), array_column($broken, 'table'));
    }

    private static function made(): string
    {
        if (self::isPostgres()) {
            $name = 'tests_'.bin2hex(random_bytes(6));
            self::server('postgres')->exec("CREATE DATABASE {$name}");

            return $name;
        }
        $file = Run::folder().'/tests.sqlite';
        is_file($file) || touch($file);

        return $file;
    }

    private static function server(string $database): PDO
    {
        return self::open('pgsql:host='.getenv('DB_HOST').";dbname={$database}", (string) getenv('DB_USERNAME'));
    }

    private static function open(string $dsn, ?string $user = null): PDO
    {
        return new PDO($dsn, $user, options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
    }
}
