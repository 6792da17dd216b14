<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use App\Http\Responses\SheetResponse;
use App\Models\Box;
use App\Models\Piece;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\Exceptions\HttpResponseException;
use LogicException;

/** A change to a box's sheet: what is wrong with it comes back as the sheet itself, with what was typed kept. */
abstract class SheetRequest extends FormRequest
{
    public function box(): Box
    {
        $box = $this->route('box');
        if ($box instanceof Box) {
            return $box;
        }
        $piece = $this->route('piece');

        return $piece instanceof Piece
            ? $piece->box
            : throw new LogicException('A sheet is asked for by its box or one of its pieces.');
    }

    protected function failedValidation(Validator $validator): void
    {
        throw new HttpResponseException(
            SheetResponse::refused($this->box(), $validator->errors(), $this->errorBag)->toResponse($this),
        );
    }
}
