<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use App\Refusals\ChangedMeanwhile;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;

/**
 * Counts the changes of a row, and refuses one that was made to an older state of it than there is: two half changes
 * never make a third.
 *
 * @property int $version
 *
 * @phpstan-require-extends Model
 */
trait Versioned
{
    /**
     * @param  array<string, mixed>  $options
     *
     * @throws ChangedMeanwhile If someone else changed the row after this one was read.
     */
    public function save(array $options = []): bool
    {
        if (! $this->exists || ! $this->isDirty()) {
            return parent::save($options);
        }

        return DB::transaction(function () use ($options): bool {
            $known = $this->getOriginal('version');
            $now = static::query()->withoutGlobalScopes()->whereKey($this->getKey())->value('version');
            is_numeric($known) && is_numeric($now) && (int) $known === (int) $now || throw ChangedMeanwhile::row();
            $this->setAttribute('version', (int) $now + 1);

            return parent::save($options);
        });
    }
}
