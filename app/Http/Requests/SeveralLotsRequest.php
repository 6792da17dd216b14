<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Box;
use App\Models\Lot;
use App\View\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;

/** Which lots, and what of them: a tag more, where they are kept, a box that gets one of each. */
final class SeveralLotsRequest extends FormRequest
{
    private const MOST = 200;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'lots' => ['bail', 'required', 'array', 'max:'.self::MOST],
            'lots.*' => ['string'],
            'tag' => ['nullable', 'string', 'max:30'],
            'kept' => ['nullable', 'string', 'max:80'],
            'box' => ['nullable', 'string'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['lots.*' => Words::of('stash.errors.none-chosen'), 'max' => Words::of('stash.errors.max'), 'string' => Words::of('boxes.errors.text')];
    }

    public function after(): callable
    {
        return function (Validator $validator): void {
            if ($validator->errors()->isEmpty() && $this->tag() === '' && $this->kept() === '' && ! $this->filled('box')) {
                $validator->errors()->add('several', Words::of('stash.errors.nothing-to-do'));
            }
        };
    }

    /** @return list<Lot> those of the crew; where one is not theirs, none is found */
    public function lots(): array
    {
        $ids = array_unique(array_filter((array) $this->input('lots'), is_string(...)));
        $lots = Lot::query()->findMany($ids)->all();
        count($lots) === count($ids) || abort(404);

        return array_values($lots);
    }

    public function tag(): string
    {
        return trim($this->string('tag')->value(), " ,\n\r\t");
    }

    public function kept(): string
    {
        return $this->string('kept')->value();
    }

    public function box(): ?Box
    {
        return $this->filled('box') ? Box::query()->findOrFail($this->string('box')->value()) : null;
    }
}
