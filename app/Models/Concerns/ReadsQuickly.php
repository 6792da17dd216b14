<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use App\Casts\OfOneColumn;
use App\Casts\OfSeveralColumns;
use Illuminate\Database\Eloquent\Model;

/**
 * A row whose columns are read thousands of times for a page. Eloquent asks anew at every read whether a column has a
 * cast, an accessor or a date in it, and makes the value anew; this asks once for all rows of the model, and makes a
 * value once for all rows that hold the same. What is read stays the same.
 *
 * @phpstan-require-extends Model
 */
trait ReadsQuickly
{
    use BootsQuickly;

    /** So many values of a column are remembered; then it is begun again. */
    private const MOST_VALUES = 1000;

    /** @var array<string, 'as-it-lies'|'once'|'each-time'> how each column is read */
    private static array $howRead = [];

    /** @var array<string, string> the column without which a value of several is null; empty for all other keys */
    private static array $decisive = [];

    /** @var array<string, array<int|string, mixed>> what was read, by column and by what it held */
    private static array $valuesRead = [];

    /** @param string $key */
    public function getAttribute($key): mixed
    {
        // Values that were made of columns; Eloquent drops them when those are written.
        if (isset($this->classCastCache[$key])) {
            return $this->classCastCache[$key];
        }
        if (! array_key_exists($key, $this->attributes)) {
            $decisive = self::$decisive[$key] ??= $this->decisive($key);

            // Rows that were loaded along with it, as a piece's lot; else what is made of several columns.
            return $this->relations[$key]
                ?? ($decisive !== '' && ! isset($this->attributes[$decisive]) ? null : parent::getAttribute($key));
        }
        $how = self::$howRead[$key] ??= $this->howRead($key);
        $raw = $this->attributes[$key];
        if ($how === 'as-it-lies') {
            return $raw;
        }
        if ($how === 'each-time' || ! is_string($raw) && ! is_int($raw)) {
            return parent::getAttribute($key);
        }
        $values = self::$valuesRead[$key] ?? [];
        if (! array_key_exists($raw, $values)) {
            count($values) < self::MOST_VALUES || self::$valuesRead[$key] = [];
            self::$valuesRead[$key][$raw] = parent::getAttribute($key);
        }

        return self::$valuesRead[$key][$raw];
    }

    private function decisive(string $key): string
    {
        [$cast, $arguments] = [...explode(':', $this->getCasts()[$key] ?? '', 2), ''];

        return is_a($cast, OfSeveralColumns::class, true) ? $cast::decisive($key, $arguments) : '';
    }

    /** @return 'as-it-lies'|'once'|'each-time' */
    private function howRead(string $key): string
    {
        $cast = $this->getCasts()[$key] ?? null;

        return match (true) {
            $this->hasAnyGetMutator($key) => 'each-time',
            $cast === null => in_array($key, $this->getDates(), true) ? 'each-time' : 'as-it-lies',
            in_array($cast, ['integer', 'boolean', 'array', 'immutable_datetime'], true),
            enum_exists($cast), is_a($cast, OfOneColumn::class, true) => 'once',
            default => 'each-time',
        };
    }
}
