<?php

declare(strict_types=1);

namespace App\Http\Requests\Send;

use App\Models\Box;
use App\Models\GiftPayment;
use App\Support\Texts;
use App\Support\Today;
use App\Words\Words;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use PluckyWren\Core\Send\GiftState;

/** That shipping gifts of some boxes are settled: when, how, under which reference. */
final class GiftRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'gifts' => [
                'bail', 'required', 'array', 'min:1', 'max:1000',
                function (string $field, mixed $ids, Closure $fail): void {
                    // Of this crew alone, as every query is.
                    Box::query()->whereKey($this->boxIds())->count() === count((array) $ids)
                        || $fail(Words::of('send/gifts.wrong.boxes'));
                },
            ],
            'state' => ['bail', 'required', Rule::enum(GiftState::class)],
            'settled_on' => [
                'bail', 'required', 'date_format:Y-m-d', 'after:2000-01-01',
                'before_or_equal:'.Today::here()->toDateString(),
            ],
            'how' => ['nullable', 'string', 'max:80'],
            'reference' => ['nullable', 'string', 'max:80'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'gifts.*' => Words::of('send/gifts.wrong.boxes'),
            'state.*' => Words::of('send/gifts.wrong.state'),
            'settled_on.*' => Words::of('send/gifts.wrong.on'),
            'how.*' => Words::of('send/gifts.wrong.text'),
            'reference.*' => Words::of('send/gifts.wrong.text'),
        ];
    }

    public function payment(): GiftPayment
    {
        return new GiftPayment([
            'state' => $this->string('state')->value(),
            'settled_on' => $this->string('settled_on')->value(),
            'how' => $this->string('how')->trim()->value() ?: null,
            'reference' => $this->string('reference')->trim()->value() ?: null,
        ]);
    }

    /** @return list<string> */
    public function boxIds(): array
    {
        return Texts::of($this->input('gifts'));
    }
}
