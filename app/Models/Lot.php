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
use App\Crews\CrewInHand;
use App\Database\Contains;
use App\Models\Concerns\BelongsToCrew;
use App\Models\Concerns\KeyedByUlid;
use App\Models\Concerns\Versioned;
use App\Reference\Kinds;
use App\Reference\Labels;
use App\Words\Words;
use Carbon\CarbonImmutable;
use Database\Factories\LotFactory;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Casts\Attribute;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Colour\ColourNames;
use PluckyWren\Core\Colour\Palette;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\Price;
use PluckyWren\Core\Money\PriceState;
use PluckyWren\Core\Money\Shares;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\Cost;
use PluckyWren\Core\Stash\Fault;
use PluckyWren\Core\Stash\FaultEnd;
use PluckyWren\Core\Stash\InsideFields;
use PluckyWren\Core\Stash\ItemKind;
use PluckyWren\Core\Stash\ItemTrait;
use PluckyWren\Core\Stash\Lot as LotValue;
use PluckyWren\Core\Stash\Measures;
use PluckyWren\Core\Stash\Packaging;
use PluckyWren\Core\Stash\Preparation\Prepared;
use PluckyWren\Core\Stash\Said;
use PluckyWren\Core\Stash\Source;
use PluckyWren\Core\Stash\Stock;
use PluckyWren\Core\Stash\Thing;

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

    /** A condition on lots that are here and sound, or kept as they are. */
    public const CAN_BE_PACKED = "lots.due_on is null and coalesce(lots.fault_end, '') <> 'undecided'";

    private const SOME_LEFT = ' and lots.pieces - lots.gone > (select coalesce(sum(p.quantity), 0) '
        .'from pieces p where p.lot_id = lots.id)';

    /** A condition on lots of which pieces are on hand that no box has. */
    public const HAS_SOME_LEFT = self::CAN_BE_PACKED.self::SOME_LEFT;

    /** A condition on lots of which pieces can be promised to a box: on hand, or on their way. */
    public const CAN_BE_PROMISED = "coalesce(lots.fault_end, '') <> 'undecided'".self::SOME_LEFT;

    /**
     * Narrow a query to what goes by a word: its name, kind, tag, colour, place or giver, or where it is kept.
     *
     * @param  Builder<self>  $query
     */
    public static function matching(Builder $query, string $word): void
    {
        $query->where(static function (Builder $query) use ($word): void {
            foreach (['name', 'place', 'tags', 'kept'] as $column) {
                Contains::text($query, $column, $word, 'or');
            }
            $query->orWhereIn('kind', resolve(Catalogue::class)->calledLike($word));
            foreach (resolve(ColourNames::class)->all() as $hex => $name) {
                if (mb_stripos($name, $word) !== false) {
                    $query->orWhere('colours', 'like', "%{$hex}%");
                }
            }
        });
    }

    /**
     * Get what is known of the lot from which a piece of a handed-in box came; it is not in the table, and may never be
     * put there.
     *
     * @param  array{Money, int}|null  $pack  what was paid for how many together
     */
    public static function asItWas(PlannedPiece $piece, string $place, ?array $pack): self
    {
        return new self([
            'kind' => $piece->kind->id,
            'name' => $piece->name,
            'pieces' => $pack[1] ?? $piece->quantity,
            'price_state' => $piece->price->state,
            'currency' => $piece->price->each?->currency->code,
            'paid' => $pack[0] ?? null,
            'source' => $piece->source ?? Source::Shop,
            'place' => $place,
            'size_label' => $piece->thing->sizeLabel,
            'traits' => $piece->thing->traits,
            'holds' => InsideFields::written($piece->thing->inside),
            'said' => $piece->thing->said,
        ]);
    }

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

    /**
     * Query lots along with how many of each are promised to boxes.
     *
     * @return Builder<self>
     */
    public static function withSetAside(): Builder
    {
        return self::query()->withSum('setAsidePieces as set_aside', 'quantity');
    }

    /** Get how many there are and how many are promised; load the lot by `withSetAside` first. */
    public function stock(): Stock
    {
        // Loaded along with it, a lot that no box has comes with null.
        $setAside = array_key_exists('set_aside', $this->getAttributes())
            ? $this->set_aside
            : $this->setAsidePieces()->sum('quantity');

        return new Stock(
            $this->name,
            $this->pieces,
            (int) $setAside,
            $this->gone,
            $this->due_on !== null,
            $this->fault_end === FaultEnd::Undecided,
        );
    }

    /** Get the price of one of them. */
    public function price(): Price
    {
        return $this->cost()->price($this->pieces);
    }

    /** Get where it came from, in a few words. */
    public function cameFrom(): string
    {
        return $this->place === null || $this->place === ''
            ? Words::of("gather/stash.from-nowhere.{$this->source->value}")
            : Words::of("gather/stash.from.{$this->source->value}", ['place' => $this->place]);
    }

    /** Get the size that it takes up in a box. */
    public function sizeInBox(): Size
    {
        return $this->thingInBox()->measures->size;
    }

    public function itemKind(): ItemKind
    {
        return $this->said->of(resolve(Kinds::class)->inHand()->get($this->kind));
    }

    /**
     * Get so many of it as a piece of a box, with all that is known of it: the one way from a lot to a planned piece.
     *
     * @param  Prepared  $done  what was done to how many of those pieces
     */
    public function planned(string $id, int $quantity, Prepared $done = new Prepared): PlannedPiece
    {
        return new PlannedPiece(
            $id,
            $this->thingInBox(),
            $quantity,
            $this->price(),
            $this->source,
            $done,
        );
    }

    /** Put what the core knows of a lot into the row. */
    public function describe(LotValue $lot): self
    {
        $thing = $lot->thing;

        return $this->fill([
            'kind' => $thing->kind->id,
            'name' => $thing->name,
            'pieces' => $lot->pieces,
            'price_state' => $lot->cost->state,
            'currency' => $lot->cost->currency->code,
            'paid' => $lot->cost->paid,
            'list' => $lot->cost->list,
            'pack_pieces' => $lot->cost->packPieces,
            'source' => $lot->origin->source,
            'place' => $lot->origin->place,
            'got_on' => $lot->origin->gotOn,
            'due_on' => $lot->origin->dueOn,
            'materials' => $lot->origin->materials,
            'minutes' => $lot->origin->minutes,
            'desk' => $lot->origin->desk,
            'size' => $thing->measures->size,
            'is_measured' => $thing->measures->areTaken,
            'packaged' => $lot->packaged,
            'is_packaged' => $thing->measures->packaging === Packaging::Stays,
            'size_label' => $thing->sizeLabel,
            'traits' => $thing->traits,
            'colours' => $lot->colours,
            'holds' => InsideFields::written($thing->inside),
            'said' => $thing->said,
            'note' => $lot->remarks->note,
            'tags' => implode(', ', $lot->remarks->tags),
            'kept' => $lot->remarks->keptIn,
        ]);
    }

    private function cost(): Cost
    {
        return Cost::fromRow(
            $this->price_state,
            $this->paid->currency ?? Currency::of($this->currency, resolve(CrewInHand::class)->notation()),
            $this->paid,
            $this->list,
            $this->pack_pieces,
        );
    }

    private function thingInBox(): Thing
    {
        return $this->thing()->inBox($this->packaged);
    }

    /** Get it as the core knows it, out of any packaging. */
    public function thing(): Thing
    {
        $kind = $this->itemKind();

        return new Thing(
            $kind,
            $this->name,
            new Measures(
                $this->size,
                $this->is_measured,
                Packaging::of($this->packaged !== null, $this->is_packaged),
            ),
            $this->traits,
            resolve(Labels::class)->told($this->size_label, $kind->care->isShoes),
            InsideFields::read($this->holds, resolve(Kinds::class)->inHand()),
            $this->said,
        );
    }
}
