<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToCrew;
use App\Support\Deed;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
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

    /** Tables whose rows go by something else than a number or ULID of their own. */
    private const KEYS = [
        'box_gifts' => 'box_id', 'box_notes' => 'box_id', 'box_photos' => 'box_id', 'box_themes' => 'box_id',
        'lot_photos' => 'lot_id', 'note_photos' => 'box_id', 'trip_boxes' => 'box_id',
    ];

    /** A longer text, as a photo is, is known again by its digest; only what was there before is kept whole. */
    private const LONG = 1_000;

    /** Pictures are kept no longer than what was deleted. */
    private const PHOTOS = ['box_photos', 'lot_photos', 'note_photos'];

    /** Determine if it can be taken back, as far as can be seen without trying. */
    public function canBeUndone(): bool
    {
        $isGone = ($this->what === 'deleted' || in_array($this->record, self::PHOTOS, true))
            && Deed::isPast($this->created_at);

        return $this->undone_at === null && ! $isGone && ! $this->isPricedSince();
    }

    /** Determine if it changed the currency, and something has a price in the new one by now. */
    public function isPricedSince(): bool
    {
        return $this->record === 'crews'
            && array_key_exists('currency', $this->before)
            && Crew::query()->findOrFail($this->crew_id)->hasAmounts();
    }

    /** Forget for good what was deleted, and which photos were there, longer ago than that waits. */
    public static function forgetWhatIsGone(): void
    {
        $gone = self::query()->where('created_at', '<', now()->subDays(Deed::KEPT_DAYS)->toDateTimeString());
        $gone->where(static function (Builder $query): void {
            $query->where('what', 'deleted')->orWhereIn('record', self::PHOTOS);
        });
        $gone->delete();
    }

    public function keyColumn(): string
    {
        return self::KEYS[$this->record] ?? 'id';
    }

    /**
     * What a row holds, to tell later whether it is still the same.
     *
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    public static function known(array $row): array
    {
        return array_map(
            static fn (mixed $value): mixed => is_string($value) && strlen($value) > self::LONG
                ? hash('xxh128', $value)
                : $value,
            $row,
        );
    }

    /**
     * Determine if a row is as the change left it.
     *
     * @param  array<string, mixed>  $row
     */
    public function isAsItLeft(array $row): bool
    {
        $after = array_diff_key($this->after, ['created_at' => true, 'updated_at' => true, 'version' => true]);

        return array_intersect_key(self::known($row), $after) == self::known($after);
    }
}
