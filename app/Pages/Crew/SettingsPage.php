<?php

declare(strict_types=1);

namespace App\Pages\Crew;

use App\Models\Crew;
use App\Models\User;
use App\Reference\Currencies;
use App\Reference\Notations;
use Closure;
use DateTimeZone;
use Illuminate\Container\Attributes\CurrentUser;
use PluckyWren\Core\Measure\ShownIn;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Measure\Unit;

/** What a crew can settle, what it is now, and what it might be. */
final readonly class SettingsPage
{
    public Crew $crew;

    public function __construct(
        #[CurrentUser] User $user,
        private Notations $notations,
        private Currencies $currencies,
    ) {
        $this->crew = $user->crew;
    }

    /** @return array<string, string> a notebook's measures in each unit */
    public function lengths(): array
    {
        $notebook = Size::ofMm(210, 148, 12);

        return array_map(
            static fn (Unit $unit): string => (new ShownIn($unit))->size($notebook),
            array_column(Unit::cases(), null, 'value'),
        );
    }

    /** @return array<string, string> a figure in each way of writing, by its locale */
    public function figures(): array
    {
        return $this->notations->samples();
    }

    /** @return list<string> */
    public function zones(): array
    {
        return DateTimeZone::listIdentifiers();
    }

    /** @return array<string, string> names by their codes */
    public function currencies(): array
    {
        return $this->currencies->names();
    }

    /** Determine if there is no amount yet that a currency would have to be changed for. */
    public function mayChangeCurrency(): bool
    {
        return ! $this->crew->hasAmounts();
    }

    /**
     * Say in words what a setting is.
     *
     * @param  'locale'|'units'|'time_zone'|'currency'  $field
     * @return Closure(Crew): string
     */
    public function says(string $field): Closure
    {
        return fn (Crew $crew): string => match ($field) {
            'locale' => $this->figures()[$crew->locale] ?? $crew->locale,
            'units' => $this->lengths()[$crew->units->value],
            'time_zone' => self::zone($crew->time_zone),
            'currency' => $crew->currency->code,
        };
    }

    public static function zone(string $zone): string
    {
        return str_replace('_', ' ', $zone);
    }
}
