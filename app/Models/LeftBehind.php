<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToCrew;
use App\Models\Concerns\Remembered;
use App\Words\Words;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use PluckyWren\Core\Box\LeftWhy;

/**
 * So many of a lot that were left out of a box, for the next one: one row a lot.
 *
 * @property int $id
 * @property int $crew_id
 * @property string $lot_id
 * @property int $pieces
 * @property LeftWhy $why
 * @property string|null $because in the packer's own words
 * @property string $theme of the box from which they were left
 * @property CarbonImmutable $created_at
 * @property Lot $lot
 */
final class LeftBehind extends Model
{
    use BelongsToCrew;
    use Remembered;

    protected $fillable = ['crew_id', 'lot_id', 'pieces', 'why', 'because', 'theme'];

    /** @var array<string, string> */
    protected $casts = ['pieces' => 'integer', 'why' => LeftWhy::class];

    public function calledName(): string
    {
        return $this->lot->name;
    }

    /** @return BelongsTo<Lot, $this> */
    public function lot(): BelongsTo
    {
        return $this->belongsTo(Lot::class);
    }

    /** Get why it was left, in words. */
    public function says(): string
    {
        return Words::of("plan/next-box.why.{$this->why->value}", [
            'theme' => $this->theme, 'because' => (string) $this->because,
        ]);
    }
}
