<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use App\Crews\CrewInHand;
use App\Models\Box;
use App\Models\User;
use App\Reference\Guides;
use App\Rules\ReadsAsLength;
use App\Rules\ReadsAsMoney;
use App\Support\Texts;
use App\Words\Words;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\In;
use Illuminate\Validation\Rules\RequiredIf;
use Illuminate\Validation\Validator;
use PluckyWren\Core\Box\BoxKind;
use PluckyWren\Core\Box\BoxKinds;
use PluckyWren\Core\Colour\Palette;
use PluckyWren\Core\Guide\Guide;
use PluckyWren\Core\Measure\Length;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Recipient\Gender;

/** A box as it is described: for whom, in what, by which theme, for how much. */
final class BoxRequest extends FormRequest
{
    /** @return array<string, list<string|ValidationRule|In|RequiredIf>> */
    public function rules(): array
    {
        $guide = $this->guide();
        $own = $this->input('box_kind') === BoxKind::OWN;
        $length = $own ? ['bail', 'required', 'string', new ReadsAsLength] : ['exclude'];
        $floor = $own ? ['bail', 'nullable', 'string', new ReadsAsLength] : ['exclude'];

        return [
            'band' => [
                'required',
                Rule::in(array_map(static fn (AgeBand $band): string => $band->id(), $guide->audience->bands)),
            ],
            'gender' => [
                'required',
                Rule::in(array_map(static fn (Gender $gender): string => $gender->value, $guide->audience->genders)),
            ],
            'box_kind' => ['required', Rule::in([...array_keys(resolve(BoxKinds::class)->all()), BoxKind::OWN])],
            'length' => $length, 'width' => $length, 'height' => $length,
            'floor_length' => $floor, 'floor_width' => $floor,
            'theme' => ['bail', 'required', 'string', 'max:80'],
            'colours' => ['array', 'max:3'],
            'colours.*' => ['bail', 'string', 'regex:/^#[0-9a-fA-F]{6}$/'],
            'sending_gift' => [
                'bail',
                Rule::requiredIf(! $this->guideReckonsAlike()),
                'nullable',
                'string',
                new ReadsAsMoney($this->currency()),
            ],
            'budget' => ['bail', 'nullable', 'string', new ReadsAsMoney($this->currency())],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'theme.required' => Words::of('plan/boxes.errors.theme-required'),
            'theme.max' => Words::of('plan/boxes.errors.theme-max'),
            'colours.max' => Words::of('plan/boxes.errors.colours-max'),
            'colours.*.regex' => Words::of('plan/boxes.errors.colour'),
            'sending_gift.required' => Words::of('plan/boxes.errors.gift-required', [
                'gift' => $this->guide()->terms->sendingGift->format()
                    .' '
                    .$this->guide()->terms->sendingGift->currency->code,
            ]),
            'required' => Words::of('plan/boxes.errors.required'),
            'string' => Words::of('plan/boxes.errors.text'),
            'in' => Words::of('plan/boxes.errors.in'),
        ];
    }

    public function after(): callable
    {
        return function (Validator $validator): void {
            $budget = $this->input('budget');
            if (
                $validator->errors()->isEmpty()
                    && is_string($budget)
                    && Money::parse($budget, $this->currency())->isZero()
            ) {
                $validator->errors()->add('budget', Words::of('plan/boxes.errors.budget-zero'));
            }
            $this->refuseOddSides($validator);
            $box = $this->route('box');
            if (
                $validator->errors()->isEmpty()
                    && $box instanceof Box
                    && $box->hasDecoratedLid()
                    && $this->isAnotherBox($box)
                    && ! $this->boolean('new_box')
            ) {
                $validator->errors()->add('box_kind', Words::of('plan/boxes.errors.lid-decorated'));
            }
        };
    }

    /** A side that no gift box has is a slip of the unit: 12.5 was meant in inches or centimetres. */
    private function refuseOddSides(Validator $validator): void
    {
        if ($this->input('box_kind') !== BoxKind::OWN) {
            return;
        }
        foreach (['length', 'width', 'height', 'floor_length', 'floor_width'] as $side) {
            $text = $this->input($side);
            if (is_string($text) && $validator->errors()->isEmpty() && ! BoxKind::isSide($this->tenths($side))) {
                $validator->errors()->add(
                    $side,
                    Words::of('plan/boxes.errors.side', [
                        'side' => $text,
                        'least' => BoxKind::LEAST_SIDE_TENTHS / 100,
                        'most' => BoxKind::MOST_SIDE_TENTHS / 100,
                    ]),
                );
            }
        }
    }

    /** Get the box with what was typed; a new one keeps this season's guide, an old one its own. */
    public function described(Box $box): Box
    {
        if ($box->exists && $this->isAnotherBox($box)) {
            // What was done to the old box is not done to the new one.
            $box->done = [];
        }
        $guide = $this->guide();
        $own = $this->input('box_kind') === BoxKind::OWN;
        $budget = $this->input('budget');
        $box->fill([
            'guide' => $guide->edition->id,
            'band' => $this->string('band')->value(),
            'gender' => Gender::from($this->string('gender')->value()),
            'box_kind' => $this->string('box_kind')->value(),
            'own_size' => $own
                ? new Size($this->tenths('length'), $this->tenths('width'), $this->tenths('height'))
                : null,
            'own_floor_length_tenths' => $own ? $this->tenths('floor_length', 'length') : null,
            'own_floor_width_tenths' => $own ? $this->tenths('floor_width', 'width') : null,
            'theme' => $this->string('theme')->value(),
            'palette' => Palette::ofHexes($this->colours()),
            'sending_gift' => $this->sendingGift($box),
            'budget' => is_string($budget) ? Money::parse($budget, $this->currency()) : null,
        ]);

        return $box;
    }

    private function isAnotherBox(Box $box): bool
    {
        $own = $this->input('box_kind') === BoxKind::OWN;

        return $this->string('box_kind')->value() !== $box->getOriginal('box_kind')
            || (
                $own
                    && new Size(
                        $this->tenths('length'),
                        $this->tenths('width'),
                        $this->tenths('height'),
                    ) != $box->own_size
            );
    }

    private function guide(): Guide
    {
        $box = $this->route('box');

        return $box instanceof Box ? resolve(Guides::class)->get($box->guide) : resolve(CrewInHand::class)->guide();
    }

    private function currency(): Currency
    {
        $user = $this->user();

        return $user instanceof User ? $user->crew->currency : $this->guide()->terms->sendingGift->currency;
    }

    /** Whether the crew reckons in the money of the guide, so that its sending gift can be taken over. */
    private function guideReckonsAlike(): bool
    {
        return $this->currency()->equals($this->guide()->terms->sendingGift->currency);
    }

    private function sendingGift(Box $box): Money
    {
        $gift = $this->input('sending_gift');

        return match (true) {
            is_string($gift) => Money::parse($gift, $this->currency()),
            $box->exists => $box->sending_gift,
            default => $this->guide()->terms->sendingGift,
        };
    }

    private function tenths(string $field, ?string $otherwise = null): int
    {
        $text = $this->input($field);

        return is_string($text) || $otherwise === null
            ? Length::parse(is_string($text) ? $text : '')->tenths
            : $this->tenths($otherwise);
    }

    /** @return list<string> */
    private function colours(): array
    {
        return Texts::of($this->input('colours', []));
    }
}
