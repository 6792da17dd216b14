<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsDay;
use App\Casts\AsMoney;
use App\Casts\AsPalette;
use App\Casts\AsPrepared;
use App\Casts\AsSaid;
use App\Casts\AsSize;
use App\Casts\AsTraits;
use App\Models\Concerns\BelongsToCrew;
use App\Models\Concerns\KeyedByUlid;
use App\Models\Concerns\LotAsValue;
use App\Models\Concerns\LotsAskedFor;
use App\Models\Concerns\Versioned;
use App\Words\Words;
use Carbon\CarbonImmutable;
use Database\Factories\LotFactory;
use Illuminate\Database\Eloquent\Casts\Attribute;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use PluckyWren\Core\Colour\Palette;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\PriceState;
use PluckyWren\Core\Money\Shares;
use PluckyWren\Core\Stash\Fault;
use PluckyWren\Core\Stash\FaultEnd;
use PluckyWren\Core\Stash\InsideFields;
use PluckyWren\Core\Stash\ItemTrait;
use PluckyWren\Core\Stash\Preparation\Prepared;
use PluckyWren\Core\Stash\Said;
use PluckyWren\Core\Stash\Source;

/**
 * Pieces got together at one price.
 *
 * @phpstan-import-type InsideData from InsideFields
 *
 * @property string $id
 * @property int $crew_id
 * @property string $kind
 * @property string $name
 * @property int $pieces
 * @property PriceState $price_state
 * @property Money|null $paid
 * @property Money|null $list what the same pieces cost before any cut
 * @property int $back_minor what the shop paid back, in minor units
 * @property int|null $pack_pieces how many are in the shop's pack; null where nobody knows
 * @property string $currency
 * @property Source $source
 * @property string|null $place
 * @property CarbonImmutable $got_on
 * @property Size $size
 * @property bool $is_measured
 * @property string|null $size_label
 * @property list<ItemTrait> $traits
 * @property string|null $note
 * @property string $tags words parted by commas
 * @property string|null $kept
 * @property string|null $materials of a made thing
 * @property int|null $minutes it took to make
 * @property string|null $desk the question at the price desk from which its price came
 * @property Palette $colours up to three
 * @property Size|null $packaged its size in its retail packaging, where that differs
 * @property bool $is_packaged whether it goes into a box that way
 * @property int $gone broken, given away or sent back
 * @property CarbonImmutable|null $due_on when it is to come, where it is ordered and not here yet
 * @property Fault|null $fault what is wrong with it
 * @property Said $said
 * @property InsideData $holds what each of them holds
 * @property Prepared $prepared what was done to how many of those that no box has
 * @property bool $is_kit whether it was put together from other lots
 * @property FaultEnd|null $fault_end what became of it then
 * @property int|string|null $set_aside
 * @property Collection<int, Piece> $setAsidePieces
 * @property Collection<int, KitPart> $kitParts
 * @property LeftBehind|null $leftBehind
 * @property Collection<int, IdeaThing> $heldFor
 * @property bool $has_photo
 * @property Crew $crew
 */
final class Lot extends Model
{
    use BelongsToCrew;

    /** @use HasFactory<LotFactory> */
    use HasFactory;

    use KeyedByUlid;
    use LotAsValue;
    use LotsAskedFor;
    use Versioned;

    protected $attributes = [
        'tags' => '',
        'gone' => 0,
        'colours' => '[]',
        'is_packaged' => 0,
        'holds' => '[]',
        'said' => '[]',
        'prepared' => '[]',
        'is_kit' => 0,
        'version' => 1,
        'back_minor' => 0,
    ];

    protected $fillable = [
        'crew_id',
        'kind',
        'name',
        'pieces',
        'price_state',
        'paid',
        'currency',
        'source',
        'place',
        'got_on',
        'size',
        'is_measured',
        'size_label',
        'traits',
        'note',
        'tags',
        'kept',
        'list',
        'gone',
        'due_on',
        'materials',
        'minutes',
        'desk',
        'colours',
        'packaged',
        'is_packaged',
        'fault',
        'fault_end',
        'holds',
        'said',
        'is_kit',
        'pack_pieces',
        'back_minor',
    ];

    /** @var array<string, string> */
    protected $casts = [
        'pieces' => 'integer',
        'price_state' => PriceState::class,
        'paid' => AsMoney::class,
        'list' => AsMoney::class,
        'source' => Source::class,
        'got_on' => AsDay::class,
        'due_on' => AsDay::class,
        'gone' => 'integer',
        'colours' => AsPalette::class,
        'packaged' => AsSize::class.':packaged_',
        'is_packaged' => 'boolean',
        'minutes' => 'integer',
        'holds' => 'array',
        'prepared' => AsPrepared::class,
        'said' => AsSaid::class,
        'is_kit' => 'boolean',
        'fault' => Fault::class,
        'fault_end' => FaultEnd::class,
        'size' => AsSize::class,
        'is_measured' => 'boolean',
        'traits' => AsTraits::class,
        'version' => 'integer',
        'back_minor' => 'integer',
        'pack_pieces' => 'integer',
    ];

    /**
     * Part off pieces with what was paid for them, to the last cent; nothing is saved.
     *
     * @return array{paid: Money|null, list: Money|null} the share of those pieces; null where there is none
     */
    public function partOff(int $pieces): array
    {
        $shares = ['paid' => null, 'list' => null];
        foreach (array_keys($shares) as $amount) {
            if ($this->{$amount} !== null) {
                [$stays, $goes] = Shares::of($this->{$amount}, [$this->pieces - $pieces, $pieces]);
                [$this->{$amount}, $shares[$amount]] = [$stays, $goes];
            }
        }
        $this->pieces -= $pieces;
        $this->freeWhereNothingIsLeft();

        return $shares;
    }

    /** A share too small for a cent was as good as free. */
    public function freeWhereNothingIsLeft(): void
    {
        if ($this->paid?->isZero() === true) {
            $this->fill(['paid' => null, 'price_state' => PriceState::Free]);
        }
    }

    /** Add a tag, once. */
    public function tag(string $tag): void
    {
        $tags = array_filter(array_map(trim(...), explode(',', $this->tags)));
        $this->tags = implode(', ', array_unique([...$tags, $tag]));
    }

    /** @return HasMany<KitPart, $this> from which lots it was put together */
    public function kitParts(): HasMany
    {
        return $this->hasMany(KitPart::class, 'kit_id');
    }

    /** @return HasMany<IdeaThing, $this> what of it is held for boxes that are not there yet */
    public function heldFor(): HasMany
    {
        return $this->hasMany(IdeaThing::class);
    }

    /** @return HasOne<LeftBehind, $this> what of it was left for the next box */
    public function leftBehind(): HasOne
    {
        return $this->hasOne(LeftBehind::class);
    }

    /** @return HasOne<LotPhoto, $this> */
    public function photo(): HasOne
    {
        return $this->hasOne(LotPhoto::class);
    }

    /** Whether there is a photo of it; known where the lot was loaded with `withExists('photo')`. */
    protected function hasPhoto(): Attribute
    {
        return Attribute::get(fn (): bool => (bool) ($this->getAttributes()['photo_exists'] ?? false));
    }

    /** @return HasMany<Piece, $this> */
    public function setAsidePieces(): HasMany
    {
        return $this->hasMany(Piece::class);
    }

    /** Get where it came from, in a few words. */
    public function cameFrom(): string
    {
        return $this->place === null || $this->place === ''
            ? Words::of("gather/stash.from-nowhere.{$this->source->value}")
            : Words::of("gather/stash.from.{$this->source->value}", ['place' => $this->place]);
    }
}
