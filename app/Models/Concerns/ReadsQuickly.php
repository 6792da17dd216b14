<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use Illuminate\Database\Eloquent\Model;
use UnitEnum;

/**
 * A row whose columns are read thousands of times for a page. Eloquent asks anew at every read whether a column has a
 * cast, an accessor or a date in it; this asks once for all rows of the model. What is read stays the same.
 *
 * @phpstan-require-extends Model
 */
trait ReadsQuickly
{
    /** @var array<string, bool> which columns are read just as they lie in the table */
    private static array $areReadAsTheyLie = [];

    /** @var array<string, array{mixed, UnitEnum}> what a column held when it was read last, and what that means */
    private array $enumsRead = [];

    /** @param string $key */
    public function getAttribute($key): mixed
    {
        // Values that were made of columns; Eloquent drops them when those are written.
        if (isset($this->classCastCache[$key])) {
            return $this->classCastCache[$key];
        }
        if (! array_key_exists($key, $this->attributes)) {
            return parent::getAttribute($key);
        }
        if (self::$areReadAsTheyLie[$key] ??= $this->isReadAsItLies($key)) {
            return $this->attributes[$key];
        }
        $raw = $this->attributes[$key];
        if (isset($this->enumsRead[$key]) && $this->enumsRead[$key][0] === $raw) {
            return $this->enumsRead[$key][1];
        }
        $value = parent::getAttribute($key);
        if ($value instanceof UnitEnum) {
            $this->enumsRead[$key] = [$raw, $value];
        }

        return $value;
    }

    private function isReadAsItLies(string $key): bool
    {
        return ! $this->hasCast($key)
            && ! $this->hasAnyGetMutator($key)
            && ! in_array($key, $this->getDates(), true)
            && ! $this->isClassCastable($key);
    }
}
