<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use App\Actions\FillBox;
use App\Http\Requests\LotFields;
use App\Models\Lot;
use App\Words\Words;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\Rules\In;
use Illuminate\Validation\Validator;

/** A new thing, described on the spot, and how many of it go into the box. */
final class ThingRequest extends SheetRequest
{
    use LotFields;

    protected $errorBag = 'thing';

    /** @return array<string, list<string|ValidationRule|In|Enum>> */
    public function rules(): array
    {
        return [...$this->lotRules(), 'quantity' => ['bail', 'required', 'integer', 'between:1,'.FillBox::MOST_OF_ONE]];
    }

    public function after(): callable
    {
        return function (Validator $validator): void {
            $this->checkLot($validator);
            if ($validator->errors()->isEmpty() && $this->integer('quantity') > $this->integer('pieces')) {
                $validator->errors()->add(
                    'quantity',
                    Words::of('plan/boxes.errors.quantity-over-pieces', ['pieces' => $this->integer('pieces')]),
                );
            }
        };
    }

    public function lot(): Lot
    {
        return (new Lot)->describe($this->typedLot());
    }

    public function quantity(): int
    {
        return $this->integer('quantity');
    }
}
