<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use App\Crews\CrewInHand;
use App\Models\Crew;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Keeps every query to the crew in hand, and stamps what is made with it. Without a crew in hand there are no rows.
 *
 * @phpstan-require-extends Model
 */
trait BelongsToCrew
{
    use BootsQuickly;

    /** @return BelongsTo<Crew, $this> */
    public function crew(): BelongsTo
    {
        return $this->belongsTo(Crew::class);
    }

    protected static function bootBelongsToCrew(): void
    {
        static::addGlobalScope('crew', static function (Builder $query): void {
            $query->where($query->qualifyColumn('crew_id'), resolve(CrewInHand::class)->id());
        });

        static::creating(static function (Model $model): void {
            if ($model->getAttribute('crew_id') === null) {
                $model->setAttribute('crew_id', resolve(CrewInHand::class)->id());
            }
        });
    }
}
