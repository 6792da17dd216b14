<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use App\Reference\LotReaders;
use App\Words\Words;
use App\Words\WrongWords;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\Rules\In;
use Illuminate\Validation\Validator;
use LogicException;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\PriceState;
use PluckyWren\Core\Stash\ItemTrait;
use PluckyWren\Core\Stash\Lot as LotValue;
use PluckyWren\Core\Stash\Reading\Unreadable;
use PluckyWren\Core\Stash\Thing;

/**
 * What is asked of a lot wherever one is described: in the stash, or on the spot while picking.
 *
 * @phpstan-require-extends FormRequest
 */
trait LotFields
{
    private ?LotValue $read = null;

    /**
     * What a form must have filled in; whatever is filled in is read by the core.
     *
     * @return array<string, list<string|ValidationRule|In|Enum>>
     */
    private function lotRules(): array
    {
        $packaged = [
            'bail', 'nullable', 'required_with:is_packaged,packaged_length,packaged_width,packaged_height', 'string',
        ];

        return [
            ...array_fill_keys(
                [
                    'price', 'list_price', 'place', 'due_on', 'size_label', 'note', 'tags', 'kept', 'materials',
                    'desk', 'packs_as', 'smallest', 'cord', 'grams', 'hollow', 'mouth',
                ],
                ['nullable', 'string'],
            ),
            ...array_fill_keys(
                ['kind', 'name', 'source', 'got_on', 'length', 'width', 'height'],
                ['bail', 'required', 'string'],
            ),
            'pieces' => ['bail', 'required', 'integer'],
            'minutes' => ['bail', 'nullable', 'integer'],
            'pack_pieces' => ['bail', 'nullable', 'integer'],
            'is_free' => ['boolean'], 'is_measured' => ['boolean'], 'is_packaged' => ['boolean'],
            'is_solid' => ['boolean'],
            'packaged_length' => $packaged, 'packaged_width' => $packaged, 'packaged_height' => $packaged,
            'colours' => ['array', 'max:3'],
            'colours.*' => ['bail', 'string', 'regex:/^#[0-9a-fA-F]{6}$/'],
            'traits' => ['array', 'max:30'],
            'traits.*' => [Rule::enum(ItemTrait::class)],
            'holds' => ['bail', 'nullable', 'string', 'max:1000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => Words::of('gather/stash.errors.name-required'),
            'pieces.integer' => Words::of('gather/stash.wrong.pieces'),
            'pack_pieces.integer' => Words::of('gather/stash.wrong.pieces'),
            'minutes.integer' => Words::of('gather/stash.wrong.minutes'),
            'quantity.*' => Words::of('plan/boxes.errors.quantity'),
            'colours.max' => Words::of('plan/boxes.errors.colours-max'),
            'colours.*.regex' => Words::of('plan/boxes.errors.colour'),
            'required_with' => Words::of('plan/boxes.errors.required'),
            'max' => Words::of('gather/stash.errors.max'),
            'required' => Words::of('plan/boxes.errors.required'),
            'string' => Words::of('plan/boxes.errors.text'),
            'in' => Words::of('plan/boxes.errors.in'),
            'enum' => Words::of('plan/boxes.errors.in'),
        ];
    }

    /** Read what was typed, and ask where it is not clear whether it was free, or in what unit it was measured. */
    private function checkLot(Validator $validator): void
    {
        if ($validator->errors()->isNotEmpty()) {
            return;
        }
        try {
            $lot = resolve(LotReaders::class)->of($this->member()->crew)->read($this->typed());
        } catch (Unreadable $why) {
            foreach ($why->wrong as [$field, $wrong]) {
                $validator->errors()->add($field, WrongWords::besideField($field, $wrong));
            }

            return;
        }
        $this->read = $lot;
        $this->checkSides($validator, $lot->thing);
        $this->checkPrice($validator);
    }

    private function checkPrice(Validator $validator): void
    {
        $typed = $this->string('price')->trim()->value();
        if ($typed === '') {
            return;
        }
        $price = Money::parse($typed, $this->member()->crew->currency);
        if (! $price->isZero() && $this->boolean('is_free')) {
            $validator->errors()->add(
                'price',
                Words::of('gather/stash.errors.free-and-paid', ['price' => $price->format()]),
            );
        }
    }

    /** Three bare figures far smaller than the kind ever is were measured in centimetres or inches. */
    private function checkSides(Validator $validator, Thing $thing): void
    {
        $typed = array_map(
            fn (string $side): string => $this->string($side)->trim()->value(),
            ['length', 'width', 'height'],
        );
        $isBare = static fn (string $side): bool => preg_match('/^\d+([.,]\d+)?$/', $side) === 1;
        $usual = $thing->kind->body->size->sides()[0];
        if (count(array_filter($typed, $isBare)) === 3 && $thing->measures->size->sides()[0] * 5 < $usual) {
            $validator->errors()->add(
                'length',
                Words::of('gather/stash.errors.unit', ['side' => $typed[0], 'usual' => (int) round($usual / 10)]),
            );
        }
    }

    /** The lot that was typed. */
    private function typedLot(): LotValue
    {
        return $this->read ?? throw new LogicException('A lot is read when it is checked.');
    }

    /**
     * What was typed, as the core reads it: a tick is a yes, and a list stands between commas.
     *
     * @return array<string, string> by field
     */
    private function typed(): array
    {
        $typed = array_map(strval(...), array_filter($this->all(), is_scalar(...)));
        $list = fn (string $field): string => implode(',', array_filter((array) $this->input($field), is_string(...)));

        return [
            ...$typed,
            'price_state' => $this->boolean('is_free') ? PriceState::Free->value : '',
            'traits' => $list('traits') === '' ? 'none' : $list('traits'),
            'colours' => $list('colours'),
        ];
    }

    private function member(): User
    {
        $user = $this->user();

        return $user instanceof User ? $user : throw new LogicException('A lot is described by someone signed in.');
    }
}
