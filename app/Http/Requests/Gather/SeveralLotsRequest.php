<?php

declare(strict_types=1);

namespace App\Http\Requests\Gather;

use App\Models\Box;
use App\Models\Lot;
use App\Support\Texts;
use App\Support\Today;
use App\Words\Words;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\Validator;
use PluckyWren\Core\Stash\LotLimits;
use PluckyWren\Core\Stash\Source;

/** Which lots, and what of them: a tag more, what is corrected alike in all, a box that gets one of each. */
final class SeveralLotsRequest extends FormRequest
{
    private const MOST = 200;

    /** @return array<string, list<string|ValidationRule|Enum>> */
    public function rules(): array
    {
        return [
            'lots' => ['bail', 'required', 'array', 'max:'.self::MOST],
            'lots.*' => ['string'],
            'tag' => ['nullable', 'string', 'max:30'],
            'kept' => ['nullable', 'string', 'max:'.LotLimits::TEXTS['kept']],
            'place' => ['nullable', 'string', 'max:'.LotLimits::TEXTS['place']],
            'source' => ['nullable', Rule::enum(Source::class)],
            'got_on' => [
                'bail',
                'nullable',
                'date_format:Y-m-d',
                'after:2000-01-01',
                'before_or_equal:'.Today::here()->toDateString(),
            ],
            'box' => ['nullable', 'string'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'got_on.*' => Words::of('gather/stash.wrong.got_on'),
            'lots.*' => Words::of('gather/stash.errors.none-chosen'),
            'max' => Words::of('gather/stash.errors.max'),
            'string' => Words::of('plan/boxes.errors.text'),
        ];
    }

    public function after(): callable
    {
        return function (Validator $validator): void {
            if (
                $validator->errors()->isEmpty()
                    && $this->tag() === ''
                    && $this->corrections() === []
                    && ! $this->filled('box')
            ) {
                $validator->errors()->add('several', Words::of('gather/stash.errors.nothing-to-do'));
            }
        };
    }

    /** @return list<Lot> those of the crew; where one is not theirs, none is found */
    public function lots(): array
    {
        $ids = array_unique(Texts::of($this->input('lots')));
        $lots = Lot::query()->findMany($ids)->all();
        count($lots) === count($ids) || abort(404);

        return array_values($lots);
    }

    public function tag(): string
    {
        return trim($this->string('tag')->value(), " ,\n\r\t");
    }

    /** @return array<string, string> those that were filled in, by the lot's field */
    public function corrections(): array
    {
        $typed = [];
        foreach (['kept', 'place', 'source', 'got_on'] as $field) {
            if ($this->filled($field)) {
                $typed[$field] = $this->string($field)->value();
            }
        }

        return $typed;
    }

    public function box(): ?Box
    {
        return $this->filled('box') ? Box::query()->findOrFail($this->string('box')->value()) : null;
    }
}
