<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use App\Models\Crew;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Facades\Auth;

/**
 * Keeps every query to the signed-in crew, and stamps what is made with it.
 *
 * @phpstan-require-extends Model
 */
trait BelongsToCrew
{
    /** @return BelongsTo<Crew, $this> */
    public function crew(): BelongsTo
    {
        return $this->belongsTo(Crew::class);
    }

    protected static function bootBelongsToCrew(): void
    {
        static::addGlobalScope('crew', static function (Builder $query): void {
            $user = Auth::user();
            if ($user instanceof User) {
                $query->where($query->qualifyColumn('crew_id'), $user->crew_id);
            }
        });

        static::creating(static function (Model $model): void {
            $user = Auth::user();
            if ($user instanceof User && $model->getAttribute('crew_id') === null) {
                $model->setAttribute('crew_id', $user->crew_id);
            }
        });
    }
}
