<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToCrew;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * A row of the crew's own that was added, changed or deleted, as it was before and after.
 *
 * @property int $id
 * @property int $crew_id
 * @property string $record the table
 * @property string $row_key
 * @property string $name what people call it
 * @property string $by
 * @property string $what
 * @property array<string, mixed> $before all its columns, or those that changed
 * @property array<string, mixed> $after
 * @property string $deed
 * @property CarbonImmutable|null $undone_at
 * @property CarbonImmutable $created_at
 */
final class RowChange extends Model
{
    use BelongsToCrew;

    public const UPDATED_AT = null;

    protected $fillable = [
        'crew_id', 'record', 'row_key', 'name', 'by', 'what', 'before', 'after', 'deed', 'undone_at',
    ];

    /** @var array<string, string> */
    protected $casts = [
        'before' => 'array',
        'after' => 'array',
        'undone_at' => 'immutable_datetime',
        'created_at' => 'immutable_datetime',
    ];
}
