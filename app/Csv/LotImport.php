<?php

declare(strict_types=1);

namespace App\Csv;

use App\Models\Lot;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PluckyWren\Core\Csv\CsvText;
use PluckyWren\Core\Stash\Catalogue;

/** A file of lots that was sent and is looked at before anything is kept; it lies in its crew's own folder until then. */
final readonly class LotImport
{
    /** So many rows are kept in one go, so that a long file shows how far it is. */
    public const A_CHUNK = 500;

    public const MOST_ROWS = 20_000;

    /** @param list<list<string>> $rows the header first */
    private function __construct(public string $id, private string $path, private User $user, private array $rows) {}

    public static function keep(string $bytes, User $user): self
    {
        $id = strtolower((string) Str::ulid());
        $path = self::path($id, $user);
        is_dir(dirname($path)) || mkdir(dirname($path), 0o770, true);
        file_put_contents($path, $bytes);

        return new self($id, $path, $user, CsvText::read($bytes));
    }

    /** Get what one of the crew has sent; null where nothing goes by that name. */
    public static function find(string $id, User $user): ?self
    {
        $path = self::path($id, $user);

        return preg_match('/^[0-9a-z]{26}$/', $id) === 1 && is_file($path) ? new self($id, $path, $user, CsvText::read((string) file_get_contents($path))) : null;
    }

    public function forget(): void
    {
        is_file($this->path) && unlink($this->path);
    }

    /** @return list<string> */
    public function headers(): array
    {
        return $this->rows[0] ?? [];
    }

    public function rowCount(): int
    {
        return max(0, count($this->rows) - 1);
    }

    /**
     * Get which column each place of a row is, by its header or as the packer says.
     *
     * @param  array<array-key, mixed>  $said  the column's name by place; an empty one leaves the place out
     * @return array<int, LotColumn>
     */
    public function columns(array $said): array
    {
        $columns = [];
        foreach ($this->headers() as $place => $header) {
            $wish = $said[$place] ?? null;
            $column = is_string($wish) ? LotColumn::tryFrom($wish) : LotColumn::ofHeader($header);
            if ($column !== null && ! in_array($column, $columns, true)) {
                $columns[$place] = $column;
            }
        }

        return $columns;
    }

    /**
     * Read the rows from one place on, without keeping any.
     *
     * @param  array<int, LotColumn>  $columns
     * @return array{good: array<int, Lot>, bad: array<int, list<string>>} by line of the file
     */
    public function read(array $columns, int $from = 0, ?int $count = null): array
    {
        $reader = new LotReader(resolve(Catalogue::class), $this->user->crew->currency, $columns);
        $good = $bad = [];
        foreach (array_slice($this->rows, 1 + $from, $count, true) as $index => $cells) {
            if (implode('', $cells) === '') {
                continue;
            }
            $read = $reader->read($cells);
            if ($read instanceof Lot) {
                $good[$index + 1] = $read;
            } else {
                $bad[$index + 1] = $read;
            }
        }

        return ['good' => $good, 'bad' => $bad];
    }

    /**
     * Keep the good rows of one chunk; those kept by an earlier import are passed over.
     *
     * @param  array<int, LotColumn>  $columns
     * @return array{kept: int, known: int, bad: int}
     */
    public function keepChunk(array $columns, int $from): array
    {
        $read = $this->read($columns, $from, self::A_CHUNK);
        $keys = $this->keys();
        $wanted = array_map(static fn (int $line): string => $keys[$line], array_keys($read['good']));

        return DB::transaction(function () use ($read, $keys, $wanted): array {
            $known = array_flip(Lot::query()->toBase()->whereIn('import_key', $wanted)->where('crew_id', $this->user->crew_id)->pluck('import_key')->all());
            $kept = 0;
            foreach ($read['good'] as $line => $lot) {
                if (! isset($known[$keys[$line]])) {
                    $lot->forceFill(['crew_id' => $this->user->crew_id, 'import_key' => $keys[$line]])->save();
                    $kept++;
                }
            }

            return ['kept' => $kept, 'known' => count($read['good']) - $kept, 'bad' => count($read['bad'])];
        });
    }

    /** @return array<int, string> a name for each row by its content, by line; two rows alike in one file are two */
    private function keys(): array
    {
        $seen = $keys = [];
        foreach (array_slice($this->rows, 1, null, true) as $index => $cells) {
            $content = implode("\x1F", $cells);
            $seen[$content] = ($seen[$content] ?? 0) + 1;
            $keys[$index + 1] = hash('sha256', "{$content}\x1E{$seen[$content]}");
        }

        return $keys;
    }

    private static function path(string $id, User $user): string
    {
        return storage_path("app/imports/{$user->crew_id}/{$id}.csv");
    }
}
