<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use App\Actions\FillBox;
use App\Models\Piece;
use App\Words\Words;

/** How many of a piece. */
final class QuantityRequest extends SheetRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'quantity' => ['bail', 'required', 'integer', 'between:1,'.FillBox::MOST_OF_ONE],
            'lot' => ['nullable', 'string'],
            'buy' => ['nullable', 'string'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['quantity.*' => Words::of('plan/boxes.errors.quantity')];
    }

    /** Each piece has its own bag of errors, so that the message stands beside its own field. */
    protected function prepareForValidation(): void
    {
        $piece = $this->route('piece');
        $this->errorBag = $piece instanceof Piece ? "piece-{$piece->id}" : 'pick';
    }
}
