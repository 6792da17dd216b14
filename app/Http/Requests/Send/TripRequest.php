<?php

declare(strict_types=1);

namespace App\Http\Requests\Send;

use App\Models\Trip;
use App\Support\Texts;
use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;

/** Where a trip goes, on which day, with which boxes. */
final class TripRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'place' => ['bail', 'required', 'string', 'max:120'],
            'goes_on' => ['bail', 'required', 'date_format:Y-m-d', 'after:2000-01-01', 'before:2200-01-01'],
            'boxes' => ['bail', 'required', 'array', 'min:1', 'max:500'],
            'boxes.*' => ['string'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'place.*' => Words::of('send/trips.wrong.place'),
            'goes_on.*' => Words::of('send/trips.wrong.day'),
            'boxes.*' => Words::of('send/trips.wrong.boxes'),
            'boxes.*.*' => Words::of('send/trips.wrong.boxes'),
        ];
    }

    public function fill(Trip $trip): Trip
    {
        return $trip->fill([
            'place' => $this->string('place')->trim()->value(), 'goes_on' => $this->string('goes_on')->value(),
        ]);
    }

    /** @return list<string> */
    public function boxIds(): array
    {
        return Texts::of($this->input('boxes'));
    }
}
