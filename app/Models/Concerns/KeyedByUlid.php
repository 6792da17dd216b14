<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * A row that is known by a ULID. Eloquent asks for the casts at every attribute that is read, and a page reads
 * thousands: without a counted key among them they are what is written down, and need not be put together each time.
 *
 * @phpstan-require-extends Model
 */
trait KeyedByUlid
{
    use HasUlids;
    use ReadsQuickly;

    public function getIncrementing(): bool
    {
        return false;
    }

    /** @return array<string, string> */
    public function getCasts(): array
    {
        return $this->casts;
    }
}
