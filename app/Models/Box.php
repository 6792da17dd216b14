<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsDay;
use App\Casts\AsMoney;
use App\Casts\AsPalette;
use App\Casts\AsSize;
use App\Casts\AsTasks;
use App\Crews\CrewInHand;
use App\Models\Concerns\BelongsToCrew;
use App\Models\Concerns\FreezesWhenHandedIn;
use App\Models\Concerns\KeyedByUlid;
use App\Models\Concerns\Versioned;
use App\Reference\Guides;
use App\Reference\LearnedGive;
use App\Words\Words;
use Carbon\CarbonImmutable;
use Database\Factories\BoxFactory;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use PluckyWren\Core\Box\BoxKind;
use PluckyWren\Core\Box\BoxKinds;
use PluckyWren\Core\Box\Closing\ClosingTick;
use PluckyWren\Core\Box\Funds;
use PluckyWren\Core\Box\Plan;
use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Box\Settled;
use PluckyWren\Core\Box\Stage;
use PluckyWren\Core\Box\Ways;
use PluckyWren\Core\Colour\Palette;
use PluckyWren\Core\Fit\Order;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Recipient\Gender;
use PluckyWren\Core\Recipient\Recipient;
use PluckyWren\Core\Send\BoxCode;
use PluckyWren\Core\Send\Gifts;
use PluckyWren\Core\Stash\Preparation\Habits;
use PluckyWren\Core\Stash\Preparation\Task;

/**
 * One planned box for one child.
 *
 * @phpstan-type Answer array{because: string, by: string, at: string, of?: array<string, string>}
 *
 * @property string $id
 * @property int $crew_id
 * @property int $number
 * @property string $guide
 * @property string $band
 * @property Gender $gender
 * @property string $theme
 * @property Palette $palette
 * @property string $box_kind
 * @property Size|null $own_size
 * @property int|null $own_floor_length_tenths
 * @property int|null $own_floor_width_tenths
 * @property Money|null $budget
 * @property Money $sending_gift
 * @property Stage $stage
 * @property list<Task> $done what was done to the box itself
 * @property list<string> $ticks what only a packer can see, by `ClosingTick`
 * @property array<string, Answer> $answers why findings were left, by the key each had then
 * @property int $season the year in which its hand-in closes
 * @property CarbonImmutable|null $handed_in_on
 * @property Order $packing_order by which school it is packed
 * @property CarbonImmutable $created_at
 * @property CarbonImmutable $updated_at
 * @property Collection<int, Piece> $pieces
 * @property Crew $crew
 * @property BoxNote|null $note for the child, where it is written here
 * @property BoxGift|null $gift what became of its sending gift
 * @property NotePhoto|null $notePhoto on its note
 * @property TripBox|null $tripPlace on which trip it goes
 */
final class Box extends Model
{
    use BelongsToCrew;
    use FreezesWhenHandedIn;

    /** @use HasFactory<BoxFactory> */
    use HasFactory;

    use KeyedByUlid;
    use Versioned;

    /** What must be loaded of many boxes before they are looked into. */
    public const CONTENTS = ['pieces.lot', 'record'];

    /** The same of one box alone, or of boxes none of which was handed in: its record is read once it is asked for. */
    public const CONTENTS_HERE = ['pieces.lot'];

    protected $fillable = [
        'crew_id',
        'number',
        'guide',
        'band',
        'gender',
        'theme',
        'palette',
        'box_kind',
        'own_size',
        'own_floor_length_tenths',
        'own_floor_width_tenths',
        'sending_gift',
        'budget',
        'stage',
        'done',
        'answers',
        'ticks',
        'packing_order',
        'season',
        'handed_in_on',
    ];

    protected $attributes = [
        'palette' => '[]',
        'stage' => 'planned',
        'done' => '[]',
        'answers' => '[]',
        'ticks' => '[]',
        'packing_order' => 'flats-first',
        'version' => 1,
        'season' => 0,
    ];

    /** @var array<string, string> */
    protected $casts = [
        'number' => 'integer',
        'gender' => Gender::class,
        'palette' => AsPalette::class,
        'own_size' => AsSize::class.':own_',
        'own_floor_length_tenths' => 'integer',
        'own_floor_width_tenths' => 'integer',
        'sending_gift' => AsMoney::class,
        'budget' => AsMoney::class,
        'stage' => Stage::class,
        'done' => AsTasks::class,
        'answers' => 'array',
        'ticks' => 'array',
        'packing_order' => Order::class,
        'season' => 'integer',
        'handed_in_on' => AsDay::class,
        'version' => 'integer',
    ];

    /** @return HasMany<Piece, $this> */
    public function pieces(): HasMany
    {
        $pieces = $this->hasMany(Piece::class);
        $pieces->orderBy('id');

        return $pieces;
    }

    /** @return HasOne<BoxGift, $this> */
    public function gift(): HasOne
    {
        return $this->hasOne(BoxGift::class);
    }

    /** @return HasOne<BoxNote, $this> */
    public function note(): HasOne
    {
        return $this->hasOne(BoxNote::class);
    }

    /** @return HasOne<NotePhoto, $this> */
    public function notePhoto(): HasOne
    {
        return $this->hasOne(NotePhoto::class);
    }

    /** @return HasOne<TripBox, $this> */
    public function tripPlace(): HasOne
    {
        return $this->hasOne(TripBox::class);
    }

    /** Get what is still to be paid of its sending gift; load `gift.payment` first. */
    public function giftLacks(): Money
    {
        return Gifts::lacks($this->sending_gift, $this->gift?->payment->state, $this->gift?->amount);
    }

    /** Get by what it is known outside the application. */
    public function code(): BoxCode
    {
        return BoxCode::of($this->number);
    }

    public function recipient(): Recipient
    {
        return new Recipient(AgeBand::parse($this->band), $this->gender);
    }

    public function boxKind(): BoxKind
    {
        $handedIn = $this->handedIn();
        if ($handedIn !== null) {
            return $handedIn->box->plan->boxKind;
        }

        return $this->own_size === null
            ? resolve(LearnedGive::class)->ofBox(resolve(BoxKinds::class)->get($this->box_kind))
            : BoxKind::measured(
                $this->own_size,
                (int) $this->own_floor_length_tenths,
                (int) $this->own_floor_width_tenths,
            );
    }

    /** Determine if nobody has changed it, or a piece of it, for a while. */
    public function isLeftAlone(): bool
    {
        // As they stand in the table they compare as texts; only the last is read as a moment.
        $changes = $this->pieces->map(static fn (Piece $piece): mixed => $piece->getRawOriginal('updated_at'))->all();
        $last = CarbonImmutable::parse(max([$this->getRawOriginal('updated_at'), ...$changes]));

        return $last->addSeconds(config()->integer('wren.fit.alone_seconds'))->isPast();
    }

    /** Determine if its lid carries work that another box would not have. */
    public function hasDecoratedLid(): bool
    {
        return in_array(Task::DecorateLid, $this->done, true) || in_array(Task::WrapLid, $this->done, true);
    }

    /** @return list<string> what is ordered for it and not here yet, with the day on which it is due */
    public function onTheWay(): array
    {
        $due = $this->contents()->filter(static fn (Piece $piece): bool => $piece->lot?->due_on !== null);

        return array_values($due->map(static fn (Piece $piece): string => Words::of('plan/boxes.due', [
            'name' => (string) $piece->lot?->name, 'day' => (string) $piece->lot?->due_on?->format('j M'),
        ]))->all());
    }

    /** @return list<ClosingTick> that a sending gift is settled needs no tick of its own */
    public function closingTicks(): array
    {
        return array_values(array_filter([
            ...array_map(ClosingTick::tryFrom(...), $this->ticks),
            $this->gift !== null && $this->giftLacks()->isZero() ? ClosingTick::Gift : null,
        ]));
    }

    /** Get how its crew likes to do things. */
    public function crewHabits(): Habits
    {
        $handedIn = $this->handedIn();
        if ($handedIn !== null) {
            return $handedIn->box->plan->ways->habits;
        }

        return (resolve(CrewInHand::class)->crew() ?? Crew::query()->findOrFail($this->crew_id))->habits;
    }

    /**
     * Query the boxes whose lid is not on yet.
     *
     * @return Builder<self>
     */
    public static function stillOpen(): Builder
    {
        $query = self::query();
        $query->whereNotIn('stage', Stage::lidOn());

        return $query;
    }

    /** Get the box as the core knows it, as it was handed in where it was; load `Box::CONTENTS` first. */
    public function plan(): Plan
    {
        return $this->handedIn()->box->plan ?? new Plan(
            $this->recipient(),
            resolve(Guides::class)->get($this->guide),
            $this->boxKind(),
            new Funds($this->sending_gift, $this->budget),
            array_values($this->pieces->map(static fn (Piece $piece): PlannedPiece => $piece->planned())->all()),
            new Ways($this->crewHabits(), $this->packing_order),
            new Settled(
                array_column(KeptAnswers::of($this)->here(), 'because', 'key'),
                $this->done,
            ),
        );
    }
}
