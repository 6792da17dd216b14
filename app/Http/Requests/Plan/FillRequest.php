<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use App\Support\Texts;
use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;

/** What of a proposal is taken. */
final class FillRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'take' => ['bail', 'required', 'array', 'min:1', 'max:200'],
            'take.*' => ['string'],
            'count' => ['array', 'max:200'],
            'count.*' => ['integer', 'min:1', 'max:100'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['*' => Words::of('plan/filling.nothing')];
    }

    /** @return array<string, int> how many of each lot that is ticked, by its id */
    public function counts(): array
    {
        $counts = [];
        foreach (Texts::of($this->input('take')) as $id) {
            $counts[$id] = max(1, $this->integer("count.{$id}", 1));
        }

        return $counts;
    }
}
