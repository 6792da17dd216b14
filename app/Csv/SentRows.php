<?php

declare(strict_types=1);

namespace App\Csv;

use Generator;
use RuntimeException;

/**
 * The rows of a table that was sent: parsed once, then kept as one line of JSON each, so that any part is read without
 * the rest.
 */
final readonly class SentRows
{
    /** @param list<string> $headers */
    private function __construct(private string $path, public array $headers, public int $count) {}

    /** @param list<list<string>> $rows the header first */
    public static function keep(string $path, array $rows): self
    {
        $file = fopen($path, 'w') ?: throw new RuntimeException("Cannot write {$path}.");
        $head = ['headers' => $rows[0] ?? [], 'count' => max(0, count($rows) - 1)];
        fwrite($file, self::line($head));
        $seen = [];
        foreach (array_slice($rows, 1) as $cells) {
            // A name for each row by its content; two rows alike in one file are two.
            $content = implode("\x1F", $cells);
            $seen[$content] = ($seen[$content] ?? 0) + 1;
            fwrite($file, self::line([hash('sha256', "{$content}\x1E{$seen[$content]}"), $cells]));
        }
        fclose($file);

        return new self($path, $head['headers'], $head['count']);
    }

    /** Get what was kept there; null where nothing was. */
    public static function find(string $path): ?self
    {
        $file = is_file($path) ? fopen($path, 'r') : false;
        if ($file === false) {
            return null;
        }
        /** @var array{headers: list<string>, count: int}|null $head */
        $head = json_decode((string) fgets($file), true);
        fclose($file);

        return $head === null ? null : new self($path, $head['headers'], $head['count']);
    }

    /**
     * @param  int  $from  how many rows below the header are passed over
     * @return Generator<int, array{string, list<string>}> the row's name and its cells, by its line in the table
     */
    public function rows(int $from = 0, ?int $count = null): Generator
    {
        $file = fopen($this->path, 'r') ?: throw new RuntimeException("Cannot read {$this->path}.");
        try {
            for ($line = 1; $line < $from + 2; $line++) {
                fgets($file);
            }
            for (; ($count === null || $line < $from + 2 + $count) && ($text = fgets($file)) !== false; $line++) {
                /** @var array{string, list<string>} $row */
                $row = json_decode($text, true);
                yield $line => $row;
            }
        } finally {
            fclose($file);
        }
    }

    /** @param array<array-key, mixed> $value */
    private static function line(array $value): string
    {
        return json_encode(
            $value,
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE,
        )."\n";
    }
}
