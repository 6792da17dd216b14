<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use App\Models\RowChange;
use App\Support\Deed;
use App\Support\Member;
use Illuminate\Database\Eloquent\Model;

/**
 * Notes what was done to a row, so that it can be undone. Boxes and lots, which other rows hang on, have histories of
 * their own.
 *
 * @phpstan-require-extends Model
 */
trait Remembered
{
    /** Columns that tell nothing, and a key that is nobody's to read. */
    private const NOT_REMEMBERED = [
        'created_at' => true, 'updated_at' => true, 'version' => true,
        'calendar_key' => true,
    ];

    /** Get what people call it. */
    abstract public function calledName(): string;

    protected static function bootRemembered(): void
    {
        static::created(static fn (self $row) => $row->remember('added', [], $row->getAttributes()));
        static::updated(static function (self $row): void {
            $changed = array_diff_key($row->getChanges(), self::NOT_REMEMBERED);
            $before = array_intersect_key($row->getPrevious(), $changed);
            $changed === [] || $row->remember('changed', $before, array_intersect_key($row->getAttributes(), $changed));
        });
        static::deleted(static function (self $row): void {
            RowChange::forgetWhatIsGone();
            $row->remember('deleted', $row->getRawOriginal(), []);
        });
    }

    /**
     * @param  array<string, mixed>  $before
     * @param  array<string, mixed>  $after
     */
    private function remember(string $what, array $before, array $after): void
    {
        $deed = Deed::id();
        // A crew itself is neither founded nor dissolved by an undo.
        $isOfCrew = $this->getTable() === 'crews';
        $deed === '' || $isOfCrew && $what !== 'changed' || RowChange::query()->create([
            'crew_id' => $isOfCrew ? $this->getKey() : $this->getAttribute('crew_id'),
            'record' => $this->getTable(),
            'row_key' => $this->getKey(),
            'name' => mb_substr($this->calledName(), 0, 120),
            'by' => Member::name(),
            'what' => $what,
            'before' => $before,
            'after' => RowChange::known($after),
            'deed' => $deed,
        ]);
    }
}
