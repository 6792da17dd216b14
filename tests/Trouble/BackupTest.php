<?php

declare(strict_types=1);

namespace Tests\Trouble;

use App\Database\Backups;
use DateTimeImmutable;
use PDO;
use PHPUnit\Framework\TestCase;
use RuntimeException;
use Symfony\Component\Process\Process;
use Tests\Support\Run;

/** Backups are made and put back while others write: each copy is whole, and what is put back is what was copied. */
final class BackupTest extends TestCase
{
    /** Two rows in one transaction, again and again: a copy with an odd number of them would be half of one. */
    private const WRITES = <<<'PHP'
        $pdo = new PDO("sqlite:{$argv[1]}", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
        $pdo->exec('PRAGMA busy_timeout = 30000');
        for ($number = 0; ; $number++) {
            $pdo->exec("BEGIN IMMEDIATE; INSERT INTO boxes (theme) VALUES ('a{$number}'); "
                ."INSERT INTO boxes (theme) VALUES ('b{$number}'); COMMIT");
            if ($number === 0) { echo "writing\n"; }
            usleep(500);
        }
        PHP;

    private string $folder;

    private string $table;

    protected function setUp(): void
    {
        $this->folder = Run::folder().'/backups-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
        $this->table = "{$this->folder}/live.sqlite";
        $pdo = new PDO("sqlite:{$this->table}", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
        $pdo->exec('PRAGMA journal_mode = WAL; CREATE TABLE crews (id INTEGER PRIMARY KEY); '
            .'CREATE TABLE boxes (id INTEGER PRIMARY KEY, theme TEXT)');
    }

    public function test_a_backup_made_and_restored_while_others_write_is_whole(): void
    {
        $backups = new Backups($this->table, "{$this->folder}/copies");
        $writer = new Process([PHP_BINARY, '-r', self::WRITES, $this->table]);
        $writer->start();
        try {
            $writer->waitUntil(static fn (string $type, string $said): bool => str_contains($said, 'writing'));
            $copies = [];
            for ($round = 0; $round < 5; $round++) {
                $copies[] = $backups->make(new DateTimeImmutable("2026-11-27 04:00:0{$round}"));
                $this->waitUntilMoreIsWritten(self::rows($copies[$round]));
            }
            $counts = array_map(self::rows(...), $copies);
            foreach ($counts as $count) {
                self::assertGreaterThan(0, $count);
                self::assertSame(0, $count % 2, 'A copy has half of what was written together.');
            }
            self::assertSame($counts, array_values(array_unique($counts)), 'Somebody wrote between any two.');

            $before = $backups->restore($copies[0], new DateTimeImmutable('2026-11-27 05:00:00'));
            self::assertGreaterThanOrEqual($counts[4], self::rows($before));
        } finally {
            $writer->stop(0);
        }
        $backups->restore($copies[0], new DateTimeImmutable('2026-11-27 06:00:00'));
        self::assertSame($counts[0], self::rows($this->table));
    }

    public function test_what_is_put_back_in_the_second_in_which_it_was_copied_is_what_was_copied(): void
    {
        $backups = new Backups($this->table, "{$this->folder}/copies");
        $now = new DateTimeImmutable('2026-11-27 04:00:00');
        $copy = $backups->make($now);
        (new PDO("sqlite:{$this->table}"))->exec("INSERT INTO boxes (theme) VALUES ('Tide pool')");

        $before = $backups->restore($copy, $now);
        self::assertNotSame($copy, $before);
        self::assertSame([0, 0, 1], array_map(self::rows(...), [$this->table, $copy, $before]));
    }

    private function waitUntilMoreIsWritten(int $rows): void
    {
        $until = hrtime(true) + 60 * 1_000_000_000;
        while (self::rows($this->table) <= $rows) {
            hrtime(true) < $until || self::fail('Nobody writes any more.');
            usleep(1_000);
        }
    }

    public function test_only_the_newest_are_kept(): void
    {
        $backups = new Backups($this->table, "{$this->folder}/copies");
        foreach (['01', '02', '03', '04'] as $day) {
            $backups->make(new DateTimeImmutable("2026-11-{$day}"));
        }
        self::assertSame(2, $backups->keepNewest(2));
        self::assertSame(
            ['plucky-wren-2026-11-04-000000.sqlite', 'plucky-wren-2026-11-03-000000.sqlite'],
            array_map(basename(...), $backups->all()),
        );
    }

    public function test_what_is_no_sound_copy_is_not_put_back(): void
    {
        $backups = new Backups($this->table, "{$this->folder}/copies");
        file_put_contents("{$this->folder}/bad", 'no table at all');
        $other = "{$this->folder}/other.sqlite";
        (new PDO("sqlite:{$other}"))->exec('CREATE TABLE things (id INTEGER)');
        $rows = self::rows($this->table);
        foreach (["{$this->folder}/bad", $other, "{$this->folder}/nothing"] as $path) {
            try {
                $backups->restore($path, new DateTimeImmutable('2026-11-27'));
                self::fail("{$path} was put back.");
            } catch (RuntimeException $why) {
                self::assertStringContainsString(basename($path), $why->getMessage());
            }
        }
        self::assertSame($rows, self::rows($this->table));
        self::assertSame([], $backups->all());
    }

    private static function rows(string $path): int
    {
        $query = (new PDO("sqlite:{$path}"))->query('SELECT count(*) FROM boxes');

        return $query === false ? -1 : (int) $query->fetchColumn();
    }
}
