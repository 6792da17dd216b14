<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsPackingWish;
use App\Casts\AsPrepared;
use App\Casts\AsTaskChoices;
use App\Models\Concerns\BelongsToCrew;
use App\Models\Concerns\KeyedByUlid;
use Carbon\CarbonImmutable;
use Database\Factories\PieceFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use PluckyWren\Core\Box\Packing\PackingWish;
use PluckyWren\Core\Box\PieceChoices;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\ItemKind;
use PluckyWren\Core\Stash\Preparation\Preparation;
use PluckyWren\Core\Stash\Preparation\Prepared;
use PluckyWren\Core\Stash\Preparation\TaskChoices;

/**
 * So many of a lot set aside for a box; or, without a lot, of a kind still to buy.
 *
 * @property string $id
 * @property int $crew_id
 * @property string $box_id
 * @property string|null $lot_id
 * @property string|null $kind
 * @property int $quantity
 * @property Prepared $done what was done to how many of them
 * @property TaskChoices $work what is to be done to them beside the usual, and what is not
 * @property string|null $counts_as the guide's need that it fills, where someone said so
 * @property string|null $into_id the piece in which it rides
 * @property PackingWish $packing
 * @property bool $is_laid_out whether it lies on the table
 * @property bool $is_missing whether it was looked for and is waited for
 * @property CarbonImmutable $updated_at
 * @property Box $box
 * @property Lot|null $lot
 */
final class Piece extends Model
{
    use BelongsToCrew;

    /** @use HasFactory<PieceFactory> */
    use HasFactory;

    use KeyedByUlid;

    protected $fillable = [
        'crew_id', 'box_id', 'lot_id', 'kind', 'quantity', 'done', 'counts_as', 'into_id', 'packing', 'is_laid_out',
        'work', 'is_missing',
    ];

    protected $attributes = ['done' => '[]', 'packing' => '{}', 'work' => '{}'];

    /** What it was when its box was handed in; null while it may still change. */
    public ?PlannedPiece $asItWas = null;

    /** @var list<string> what of another kind came off the list to buy as it was picked just now, by name */
    public array $inPlaceOf = [];

    /** @var array<string, string> */
    protected $casts = [
        'quantity' => 'integer',
        'done' => AsPrepared::class,
        'work' => AsTaskChoices::class,
        'packing' => AsPackingWish::class,
        'is_laid_out' => 'boolean',
        'is_missing' => 'boolean',
    ];

    /** @return BelongsTo<Box, $this> */
    public function box(): BelongsTo
    {
        return $this->belongsTo(Box::class);
    }

    /** @return BelongsTo<Lot, $this> */
    public function lot(): BelongsTo
    {
        return $this->belongsTo(Lot::class);
    }

    public function isToBuy(): bool
    {
        return $this->asItWas?->isToBuy() ?? $this->lot_id === null;
    }

    public function itemKind(): ItemKind
    {
        return $this->asItWas->kind ?? $this->lot?->itemKind() ?? resolve(Catalogue::class)->get((string) $this->kind);
    }

    /** Get what has to be done to it, and what of that is done; load `lot` and `box` first. */
    public function preparation(): Preparation
    {
        return $this->planned()->preparation($this->box->crewHabits(), $this->box->recipient()->band);
    }

    public function planned(): PlannedPiece
    {
        if ($this->asItWas !== null) {
            return $this->asItWas;
        }

        $planned = $this->lot?->planned($this->id, $this->quantity, $this->done)
            ?? PlannedPiece::toBuy($this->id, $this->itemKind(), $this->quantity);

        return $planned->choosing(new PieceChoices(
            $this->counts_as, $this->into_id, $this->packing, $this->work,
        ));
    }
}
