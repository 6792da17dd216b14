<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToCrew;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * A box as it was handed in, written once. It outlives the box, and says who took the box back where someone did.
 *
 * @property int $id
 * @property int $crew_id
 * @property string $box_id
 * @property string $record `plucky-wren/record@1`
 * @property string|null $taken_back_by
 * @property CarbonImmutable|null $taken_back_at
 * @property CarbonImmutable $created_at
 */
final class BoxRecord extends Model
{
    use BelongsToCrew;

    public const UPDATED_AT = null;

    protected $fillable = ['crew_id', 'box_id', 'record', 'taken_back_by', 'taken_back_at'];

    /** @var array<string, string> */
    protected $casts = ['taken_back_at' => 'immutable_datetime', 'created_at' => 'immutable_datetime'];
}
