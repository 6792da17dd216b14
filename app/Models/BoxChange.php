<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToCrew;
use App\Support\Deed;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use PluckyWren\Core\Box\Stage;

/**
 * Something that was done to a box: what of it and of its pieces was how before and after. It outlives the box.
 *
 * @phpstan-type BoxState array{
 *     box: array<string, mixed>|null, pieces: array<string, array<string, mixed>|null>,
 *     with?: array<string, list<array<string, mixed>>>,
 * }
 *
 * @property int $id
 * @property int $crew_id
 * @property string $box_id
 * @property string $theme
 * @property string $by
 * @property string $deed with what else it was done; empty where it was done by nobody
 * @property string $what
 * @property BoxState $before the box's changed columns, null where there was none; its changed pieces by id, null where
 *     one was not there; and rows by table that went with a deleted box
 * @property BoxState $after
 * @property CarbonImmutable|null $undone_at
 * @property CarbonImmutable $created_at
 */
final class BoxChange extends Model
{
    use BelongsToCrew;

    public const UPDATED_AT = null;

    protected $fillable = ['crew_id', 'box_id', 'theme', 'by', 'what', 'before', 'after', 'deed', 'undone_at'];

    /** @var array<string, string> */
    protected $casts = [
        'before' => 'array',
        'after' => 'array',
        'undone_at' => 'immutable_datetime',
        'created_at' => 'immutable_datetime',
    ];

    /** Determine if it can be taken back, as far as can be seen without trying. */
    public function canBeUndone(): bool
    {
        // Handing in writes a record, which no undo does: a box that was taken back is handed in anew instead.
        $before = $this->before['box'];
        $wasHandedIn = ($before['stage'] ?? null) === Stage::HandedIn->value && $this->after['box'] !== null;

        $isGone = $this->after['box'] === null && Deed::isPast($this->created_at);

        return $this->undone_at === null && ! $wasHandedIn && ! $isGone;
    }
}
