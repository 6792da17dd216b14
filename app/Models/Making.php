<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToCrew;
use App\Models\Concerns\Remembered;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Once that something was made: what came of it, how long it took, and what of the stash went in.
 *
 * @phpstan-import-type PreparedData from \PluckyWren\Core\Stash\Preparation\Prepared
 *
 * @phpstan-type PartData array{
 *     lot: string, row: array<string, mixed>, pieces: int, paid: int|null, list: int|null, prepared: PreparedData,
 * }
 *
 * @property int $id
 * @property int $crew_id
 * @property int|null $recipe_id null where its recipe is gone
 * @property string $lot_id
 * @property int $pieces
 * @property int|null $minutes in all
 * @property list<PartData> $parts
 * @property CarbonImmutable $created_at
 * @property Lot $lot
 */
final class Making extends Model
{
    use BelongsToCrew;
    use Remembered;

    protected $fillable = ['crew_id', 'recipe_id', 'lot_id', 'pieces', 'minutes', 'parts'];

    /** @var array<string, string> */
    protected $casts = ['pieces' => 'integer', 'minutes' => 'integer', 'parts' => 'array'];

    public function calledName(): string
    {
        return $this->lot->name;
    }

    /** @return BelongsTo<Lot, $this> */
    public function lot(): BelongsTo
    {
        return $this->belongsTo(Lot::class);
    }
}
