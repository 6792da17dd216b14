<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsDay;
use App\Models\Concerns\BelongsToCrew;
use App\Models\Concerns\Remembered;
use App\Words\Words;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * So many of a lot that are held for an idea: whoever wants them elsewhere is told, and may take them.
 *
 * @property int $id
 * @property string $idea_id
 * @property int $crew_id
 * @property string $lot_id
 * @property int $quantity
 * @property CarbonImmutable $held_on
 * @property Idea $idea
 * @property Lot $lot
 */
final class IdeaThing extends Model
{
    use BelongsToCrew;
    use Remembered;

    public $timestamps = false;

    protected $fillable = ['idea_id', 'crew_id', 'lot_id', 'quantity', 'held_on'];

    /** @var array<string, string> */
    protected $casts = ['quantity' => 'integer', 'held_on' => AsDay::class];

    /** @return BelongsTo<Idea, $this> */
    public function idea(): BelongsTo
    {
        return $this->belongsTo(Idea::class);
    }

    /** @return BelongsTo<Lot, $this> */
    public function lot(): BelongsTo
    {
        return $this->belongsTo(Lot::class);
    }

    /** “held for “Little railway” since March”. */
    public function says(): string
    {
        return Words::of('plan/ideas.held-for', ['name' => $this->idea->name, 'since' => $this->since()]);
    }

    /** The month, and the year where it is another. */
    public function since(): string
    {
        return $this->held_on->format($this->held_on->year === CarbonImmutable::today()->year ? 'F' : 'F Y');
    }

    public function calledName(): string
    {
        return $this->lot->name;
    }
}
