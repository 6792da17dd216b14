<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToCrew;
use App\Support\Deed;
use Carbon\CarbonImmutable;
use Database\Factories\LotChangeFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Something that was done to a lot: what of it was how before and after.
 *
 * @property int $id
 * @property int $crew_id
 * @property string $lot_id
 * @property string $name as it was called then
 * @property string $by
 * @property string $deed with what else it was done; empty where it was done by nobody
 * @property string $what
 * @property array<string, mixed> $before
 * @property array<string, mixed> $after
 * @property CarbonImmutable|null $undone_at
 * @property CarbonImmutable $created_at
 * @property Lot $lot
 */
final class LotChange extends Model
{
    use BelongsToCrew;

    /** @use HasFactory<LotChangeFactory> */
    use HasFactory;

    public const UPDATED_AT = null;

    /**
     * What stands beside the columns in `before`, to take a change back: the other lot, what boxes had of it, and what
     * was done to the pieces that went into kits or came out of them.
     */
    public const TO_UNDO = ['_other' => true, '_pieces' => true, '_prepared' => true];

    protected $fillable = ['crew_id', 'lot_id', 'name', 'by', 'what', 'before', 'after', 'deed', 'undone_at'];

    /** @var array<string, string> */
    protected $casts = [
        'before' => 'array',
        'after' => 'array',
        'undone_at' => 'immutable_datetime',
        'created_at' => 'immutable_datetime',
    ];

    /** @return BelongsTo<Lot, $this> */
    public function lot(): BelongsTo
    {
        return $this->belongsTo(Lot::class);
    }

    /** @return list<string> the columns that it changed; none where the whole lot came or went */
    public function fields(): array
    {
        return in_array($this->what, ['got', 'deleted'], true) ? [] : array_keys($this->after);
    }

    /** Determine if it is how a part came that was split off: it goes as the whole is put together again. */
    public function isOtherHalf(): bool
    {
        return $this->what === 'split' && ! isset($this->before['_other']);
    }

    /** Determine if it is the kind of change that can be taken back on its own. */
    public function canBeUndone(): bool
    {
        return $this->undone_at === null && match ($this->what) {
            'got' => $this->after !== [],
            'deleted' => ! Deed::isPast($this->created_at),
            'split' => ! $this->isOtherHalf(),
            // Of the first kits nobody noted enough.
            'into-kit', 'out-of-kit', 'taken-apart' => isset($this->before['_prepared']),
            'corrected', 'arrived', 'broken', 'given-away', 'sent-back', 'wrong', 'merged' => true,
            default => false,
        };
    }
}
