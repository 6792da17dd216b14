<?php

declare(strict_types=1);

namespace App\Csv;

use App\Models\Lot;
use App\Models\User;
use Illuminate\Support\Str;
use PluckyWren\Core\Csv\CsvText;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Money\Money;

/**
 * A file of lots that was sent and is looked at before anything is kept; it lies in its crew's own folder until then.
 */
final class LotImport
{
    /** So many rows are kept in one go, so that a long file shows how far it is. */
    public const A_CHUNK = 500;

    public const MOST_ROWS = 20_000;

    private const KEPT_SECONDS = 2 * 24 * 3600;

    /** So many rows are looked at to tell what a column holds. */
    private const A_SAMPLE = 200;

    /** So many good rows, and so many bad ones, are shown. */
    private const GOOD_SHOWN = 5;

    private const BAD_SHOWN = 50;

    /** And so many of the texts that were taken for a kind. */
    private const LIKELY_SHOWN = 40;

    /** @var list<list<string>>|null the cells of the first rows */
    private ?array $sample = null;

    private function __construct(
        public readonly string $id,
        private readonly string $path,
        public readonly User $user,
        private readonly SentRows $rows,
    ) {}

    public static function keep(string $bytes, User $user): self
    {
        $id = strtolower((string) Str::ulid());
        $path = self::path($id, $user);
        is_dir(dirname($path)) || mkdir(dirname($path), 0o770, true);
        self::sweep(dirname($path));

        return new self($id, $path, $user, SentRows::keep($path, CsvText::read($bytes, self::MOST_ROWS + 2)));
    }

    /** Get what one of the crew has sent; null where nothing goes by that name. */
    public static function find(string $id, User $user): ?self
    {
        $path = self::path($id, $user);
        $rows = preg_match('/^[0-9a-z]{26}$/', $id) === 1 ? SentRows::find($path) : null;

        return $rows === null ? null : new self($id, $path, $user, $rows);
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

    /** @return list<string> */
    public function headers(): array
    {
        return $this->rows->headers;
    }

    public function rowCount(): int
    {
        return $this->rows->count;
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
        $isUndecided = fn (string $header, int $place): bool => ! isset($columns[$place])
            && ! array_key_exists($place, $said)
            && $this->holdsMoney($place);

        return array_filter($this->headers(), $isUndecided, ARRAY_FILTER_USE_BOTH);
    }

    /**
     * Determine if a table tells what its things are.
     *
     * @param  array<int, LotColumn>  $columns
     */
    public static function tellsKinds(array $columns): bool
    {
        return in_array(LotColumn::Kind, $columns, true) || in_array(LotColumn::Name, $columns, true);
    }

    /**
     * Look at all rows in one pass, without keeping any: the first ones are shown, the rest is counted.
     *
     * @param  array<int, LotColumn>  $columns
     * @return array{
     *     good: int, lots: array<int, Lot>, bad: int, reasons: array<int, list<string>>,
     *     likely: array<string, string>, moreLikely: int,
     * } lots and reasons by line of the table; names of kinds by the first texts that were taken for them, and how many
     *     more there are
     */
    public function look(array $columns): array
    {
        $reader = $this->reader($columns);
        [$good, $bad, $lots, $reasons] = [0, 0, [], []];
        foreach ($this->rows->rows() as $line => [, $cells]) {
            if (implode('', $cells) === '') {
                continue;
            }
            $wrong = $reader->wrong($cells);
            if ($wrong !== []) {
                $bad++ < self::BAD_SHOWN && $reasons[$line] = $wrong;
            } elseif ($good++ < self::GOOD_SHOWN) {
                $lot = $reader->read($cells);
                $lot instanceof Lot && $lots[$line] = $lot;
            }
        }

        $likely = $reader->likely->taken();

        return [
            'good' => $good, 'lots' => $lots, 'bad' => $bad, 'reasons' => $reasons,
            'likely' => array_slice($likely, 0, self::LIKELY_SHOWN, true),
            'moreLikely' => max(0, count($likely) - self::LIKELY_SHOWN),
        ];
    }

    /**
     * Read the rows of one chunk.
     *
     * @param  array<int, LotColumn>  $columns
     * @param  int  $from  how many rows below the header come before it
     * @return array{good: list<array{key: string, id: string, lot: Lot}>, bad: int} the row's name, and the id that it
     *     bears or none
     */
    public function chunk(array $columns, int $from): array
    {
        $reader = $this->reader($columns);
        $idAt = array_search(LotColumn::Id, $columns, true);
        [$good, $bad] = [[], 0];
        foreach ($this->rows->rows($from, self::A_CHUNK) as [$key, $cells]) {
            if (implode('', $cells) === '') {
                continue;
            }
            $lot = $reader->read($cells);
            if ($lot instanceof Lot) {
                $good[] = ['key' => $key, 'id' => $idAt === false ? '' : $cells[$idAt] ?? '', 'lot' => $lot];
            } else {
                $bad++;
            }
        }

        return ['good' => $good, 'bad' => $bad];
    }

    /** @param array<int, LotColumn> $columns */
    private function reader(array $columns): LotReader
    {
        return new LotReader($this->user->crew, $this->currency(), $columns);
    }

    /** Determine if a column holds amounts: most of its cells read as one, and some have decimals or a sign. */
    private function holdsMoney(int $place): bool
    {
        $this->sample ??= array_column(iterator_to_array($this->rows->rows(0, self::A_SAMPLE), false), 1);
        $cells = array_filter(
            array_map(static fn (array $row): string => $row[$place] ?? '', $this->sample),
            static fn (string $cell): bool => $cell !== '',
        );
        $amounts = array_filter($cells, $this->readsAsMoney(...));
        $marked = array_filter(
            $amounts,
            static fn (string $cell): bool => preg_match('/[.,]\d{2}\b|\p{Sc}/u', $cell) === 1,
        );

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

    /** What was looked at and left alone for days is swept away. */
    private static function sweep(string $folder): void
    {
        foreach (glob("{$folder}/*") ?: [] as $old) {
            if (is_file($old) && filemtime($old) < time() - self::KEPT_SECONDS) {
                @unlink($old);
            }
        }
    }

    private static function path(string $id, User $user): string
    {
        return storage_path("app/imports/{$user->crew_id}/{$id}.rows");
    }
}
