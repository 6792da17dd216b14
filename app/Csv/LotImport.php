<?php

declare(strict_types=1);

namespace App\Csv;

use App\Models\Lot;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PluckyWren\Core\Csv\CsvText;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Stash\Catalogue;

/** A file of lots that was sent and is looked at before anything is kept; it lies in its crew's own folder until then. */
final readonly class LotImport
{
    /** So many rows are kept in one go, so that a long file shows how far it is. */
    public const A_CHUNK = 500;

    public const MOST_ROWS = 20_000;

    private const KEPT_SECONDS = 2 * 24 * 3600;

    /** So many rows are looked at to tell what a column holds. */
    private const A_SAMPLE = 200;

    /** @param list<list<string>> $rows the header first */
    private function __construct(public string $id, private string $path, private User $user, private array $rows) {}

    public static function keep(string $bytes, User $user): self
    {
        $id = strtolower((string) Str::ulid());
        $path = self::path($id, $user);
        is_dir(dirname($path)) || mkdir(dirname($path), 0o770, true);
        self::sweep(dirname($path));
        file_put_contents($path, $bytes);

        return new self($id, $path, $user, CsvText::read($bytes, self::MOST_ROWS + 2));
    }

    /** Get what one of the crew has sent; null where nothing goes by that name. */
    public static function find(string $id, User $user): ?self
    {
        $path = self::path($id, $user);

        return preg_match('/^[0-9a-z]{26}$/', $id) === 1 && is_file($path) ? new self($id, $path, $user, CsvText::read((string) file_get_contents($path), self::MOST_ROWS + 2)) : null;
    }

    public function forget(): void
    {
        is_file($this->path) && unlink($this->path);
    }

    /** It is imported: the file goes, and what was said of it stays for whoever sends it a second time. */
    public function finish(string $said): void
    {
        file_put_contents("{$this->path}.done", $said);
        $this->forget();
    }

    /** Get what was said when a file was imported; null where none of that name was. */
    public static function finished(string $id, User $user): ?string
    {
        $path = self::path($id, $user).'.done';

        return preg_match('/^[0-9a-z]{26}$/', $id) === 1 && is_file($path) ? (string) file_get_contents($path) : null;
    }

    /** What was looked at and left alone for days is swept away. */
    private static function sweep(string $folder): void
    {
        foreach (glob("{$folder}/*") ?: [] as $old) {
            if (is_file($old) && filemtime($old) < time() - self::KEPT_SECONDS) {
                @unlink($old);
            }
        }
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
            // “Price” is what most tables call an amount; ours says by it whether the price is known.
            if (! is_string($wish) && $column === LotColumn::Price && $this->holdsMoney($place)) {
                $column = null;
            }
            if ($column !== null && ! in_array($column, $columns, true)) {
                $columns[$place] = $column;
            }
        }

        return $columns;
    }

    /**
     * Get the columns that hold amounts, are left out, and of which nobody said so: without them money would be lost.
     *
     * @param  array<int, LotColumn>  $columns
     * @param  array<array-key, mixed>  $said
     * @return array<int, string> headers by place
     */
    public function undecided(array $columns, array $said): array
    {
        return array_filter($this->headers(), fn (string $header, int $place): bool => ! isset($columns[$place]) && ! array_key_exists($place, $said) && $this->holdsMoney($place), ARRAY_FILTER_USE_BOTH);
    }

    /** Determine if a column holds amounts: most of its cells read as one, and some have decimals or a sign. */
    private function holdsMoney(int $place): bool
    {
        $cells = array_filter(array_map(static fn (array $row): string => $row[$place] ?? '', array_slice($this->rows, 1, self::A_SAMPLE)), static fn (string $cell): bool => $cell !== '');
        $amounts = array_filter($cells, fn (string $cell): bool => $this->readsAsMoney($cell));
        $marked = array_filter($amounts, static fn (string $cell): bool => preg_match('/[.,]\d{2}\b|\p{Sc}/u', $cell) === 1);

        return $marked !== [] && count($amounts) * 2 > count($cells);
    }

    private function readsAsMoney(string $cell): bool
    {
        try {
            Money::parse($cell, $this->currency());

            return true;
        } catch (InvalidMoney) {
            return false;
        }
    }

    /** The crew's money; a file that we wrote ourselves has its figures with a decimal point, whoever reads it. */
    private function currency(): Currency
    {
        $isOurs = array_slice($this->headers(), 0, count(LotWriter::headers())) === LotWriter::headers();

        return $isOurs ? Currency::of($this->user->crew->currency->code) : $this->user->crew->currency;
    }

    /**
     * Read the rows from one place on, without keeping any.
     *
     * @param  array<int, LotColumn>  $columns
     * @return array{good: array<int, Lot>, bad: array<int, list<string>>} by line of the file
     */
    public function read(array $columns, int $from = 0, ?int $count = null): array
    {
        $reader = new LotReader(resolve(Catalogue::class), $this->currency(), $columns);
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

        $ids = $this->ids($columns);

        return DB::transaction(function () use ($read, $keys, $wanted, $ids): array {
            $known = array_flip(Lot::query()->toBase()->whereIn('import_key', $wanted)->where('crew_id', $this->user->crew_id)->pluck('import_key')->all());
            $there = array_flip(Lot::query()->toBase()->whereIn('id', array_values(array_intersect_key($ids, $read['good'])))->where('crew_id', $this->user->crew_id)->pluck('id')->all());
            $kept = 0;
            foreach ($read['good'] as $line => $lot) {
                // Taken out of this stash and brought in again, it is the lot that it was.
                if (! isset($known[$keys[$line]]) && ! isset($there[$ids[$line] ?? ''])) {
                    $lot->forceFill(['crew_id' => $this->user->crew_id, 'import_key' => $keys[$line], 'import_id' => $this->id])->save();
                    $kept++;
                }
            }

            return ['kept' => $kept, 'known' => count($read['good']) - $kept, 'bad' => count($read['bad'])];
        });
    }

    /**
     * @param  array<int, LotColumn>  $columns
     * @return array<int, string> the id that a row bears, by line
     */
    private function ids(array $columns): array
    {
        $place = array_search(LotColumn::Id, $columns, true);
        $ids = [];
        foreach ($place === false ? [] : array_slice($this->rows, 1, null, true) as $index => $cells) {
            $ids[$index + 1] = $cells[$place] ?? '';
        }

        return $ids;
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
