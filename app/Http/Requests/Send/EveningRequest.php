<?php

declare(strict_types=1);

namespace App\Http\Requests\Send;

use App\Support\Today;
use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;

/** An evening on which the crew packs. */
final class EveningRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'day' => [
                'bail', 'required', 'date_format:Y-m-d', 'after_or_equal:'.Today::here()->toDateString(),
                'before:2200-01-01',
            ],
            'begins' => ['bail', 'required', 'date_format:H:i'],
            'ends' => ['bail', 'required', 'date_format:H:i', 'after:begins'],
            'place' => ['nullable', 'string', 'max:120'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'day.*' => Words::of('send/season.evening-wrong.day'),
            'begins.*' => Words::of('send/season.evening-wrong.begins'),
            'ends.*' => Words::of('send/season.evening-wrong.ends'),
            'place.*' => Words::of('send/season.evening-wrong.place'),
        ];
    }

    /** @return array<string, string|null> */
    public function columns(): array
    {
        return [
            'day' => $this->string('day')->value(), 'begins' => $this->string('begins')->value(),
            'ends' => $this->string('ends')->value(), 'place' => $this->string('place')->trim()->value() ?: null,
        ];
    }
}
