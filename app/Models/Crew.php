<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsCurrency;
use App\Casts\AsHabits;
use App\Casts\AsMoney;
use App\Models\Concerns\ReadsQuickly;
use App\Models\Concerns\Remembered;
use Carbon\CarbonImmutable;
use Database\Factories\CrewFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Facades\DB;
use PluckyWren\Core\Measure\Unit;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Stash\Preparation\Habits;

/**
 * People who pack together and share one stash.
 *
 * @property int $id
 * @property string $name
 * @property Currency $currency
 * @property string $locale whose way of writing figures is theirs
 * @property Unit $units in which they read lengths
 * @property string|null $guide by which new boxes are planned; null where it is this season's
 * @property string $time_zone where their day begins and ends
 * @property Habits $habits how they like to do things
 * @property string|null $calendar_key by which a calendar follows its dates
 * @property string|null $kept_note the note with which each box's own begins
 * @property array<string, int> $asked_prices what one costs where they shop, in minor units, by kind
 * @property bool $is_demo
 * @property Money|null $season_budget
 * @property CarbonImmutable $created_at
 */
final class Crew extends Model
{
    /** @use HasFactory<CrewFactory> */
    use HasFactory;

    use ReadsQuickly;
    use Remembered;

    /** Of these a crew is asked what one costs where it shops. */
    public const ASKED_KINDS = ['soap', 't-shirt', 'plush-small'];

    protected $fillable = [
        'name', 'currency', 'locale', 'habits', 'guide', 'is_demo', 'season_budget', 'time_zone', 'calendar_key',
        'kept_note', 'asked_prices', 'units',
    ];

    protected $attributes = [
        'locale' => 'en', 'habits' => '{}', 'time_zone' => 'UTC', 'asked_prices' => '{}', 'units' => 'mm',
    ];

    /** @var array<string, string> */
    protected $casts = [
        'currency' => AsCurrency::class,
        'is_demo' => 'boolean',
        'asked_prices' => 'array',
        'habits' => AsHabits::class,
        'season_budget' => AsMoney::class,
        'units' => Unit::class,
    ];

    /** @return HasMany<User, $this> */
    public function users(): HasMany
    {
        return $this->hasMany(User::class);
    }

    /** @return HasMany<Box, $this> */
    public function boxes(): HasMany
    {
        return $this->hasMany(Box::class);
    }

    /** @return HasMany<Lot, $this> */
    public function lots(): HasMany
    {
        return $this->hasMany(Lot::class);
    }

    /** Get a setting as it is stored: what a form carries along, to tell whether it was changed meanwhile. */
    public function printed(string $setting): string
    {
        $stored = $this->getAttributes()[$setting === 'season_budget' ? 'season_budget_minor' : $setting] ?? null;

        return is_scalar($stored) ? (string) $stored : '';
    }

    /**
     * Determine if anything has a price or a budget, so that its currency means something. Boxes and purchases that
     * were deleted count, by what their histories say of them: they may be brought back.
     */
    public function hasAmounts(): bool
    {
        return $this->season_budget !== null
            || $this->asked_prices !== []
            || array_filter(
                [
                    'lots', 'lot_changes', 'boxes', 'box_changes', 'target_prices', 'gift_payments', 'trips',
                    'topup_pieces',
                ],
                fn (string $table): bool => DB::table($table)->where('crew_id', $this->id)->exists(),
            ) !== [];
    }

    /** Get the day it is where they are, at its beginning. */
    public function today(): CarbonImmutable
    {
        return CarbonImmutable::parse(CarbonImmutable::now($this->time_zone)->toDateString());
    }

    public function calledName(): string
    {
        return $this->name;
    }
}
