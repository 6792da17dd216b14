<?php

declare(strict_types=1);

namespace App\Http\Requests\Crew;

use App\Reference\Currencies;
use App\Reference\Notations;
use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use PluckyWren\Core\Measure\Unit;
use PluckyWren\Core\Money\Currency;

/** One setting of a crew; which, the address says. */
final class SettingRequest extends FormRequest
{
    /** @var array<string, 'locale'|'units'|'time_zone'|'currency'> fields, by what their addresses end with */
    public const FIELDS = [
        'figures' => 'locale', 'lengths' => 'units', 'time-zone' => 'time_zone', 'currency' => 'currency',
    ];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [$this->field() => ['bail', 'required', 'string', match ($this->field()) {
            'locale' => Rule::in(Notations::LOCALES),
            'units' => Rule::enum(Unit::class),
            'time_zone' => 'timezone',
            'currency' => Rule::in(array_keys(resolve(Currencies::class)->names())),
        }]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['*' => Words::of('plan/boxes.errors.in')];
    }

    /** @return 'locale'|'units'|'time_zone'|'currency' */
    public function field(): string
    {
        $which = $this->route('setting');

        return self::FIELDS[is_string($which) ? $which : ''] ?? abort(404);
    }

    /** Get what it is to be, as the row takes it. */
    public function setting(): string|Unit|Currency
    {
        $typed = $this->string($this->field())->value();

        return match ($this->field()) {
            'units' => Unit::from($typed),
            'currency' => Currency::of($typed),
            default => $typed,
        };
    }
}
