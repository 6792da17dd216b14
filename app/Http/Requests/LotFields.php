<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Lot;
use App\Models\User;
use App\Rules\ReadsAsContents;
use App\Rules\ReadsAsLength;
use App\Rules\ReadsAsMoney;
use App\Support\Today;
use App\Words\Contents;
use App\Words\Words;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\Rules\In;
use Illuminate\Validation\Validator;
use LogicException;
use PluckyWren\Core\Box\Palette;
use PluckyWren\Core\Measure\Length;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;
use PluckyWren\Core\Money\PriceState;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\ItemKind;
use PluckyWren\Core\Stash\ItemTrait;
use PluckyWren\Core\Stash\LotLimits;
use PluckyWren\Core\Stash\Source;

/**
 * What is asked of a lot wherever one is described: in the stash, or on the spot while picking.
 *
 * @phpstan-require-extends FormRequest
 */
trait LotFields
{
    /** @return array<string, list<string|ValidationRule|In|Enum>> */
    private function lotRules(): array
    {
        $length = ['bail', 'required', 'string', new ReadsAsLength];
        $packaged = [
            'bail',
            'nullable',
            'required_with:is_packaged,packaged_length,packaged_width,packaged_height',
            'string',
            new ReadsAsLength,
        ];

        return [
            'kind' => ['required', Rule::in(array_keys(resolve(Catalogue::class)->all()))],
            'name' => ['bail', 'required', 'string', self::atMost('name')],
            'pieces' => ['bail', 'required', 'integer', 'between:1,'.LotLimits::PIECES],
            'price' => ['bail', 'nullable', 'string', new ReadsAsMoney($this->currency())],
            'is_free' => ['boolean'],
            'list_price' => ['bail', 'nullable', 'string', new ReadsAsMoney($this->currency())],
            'source' => ['required', Rule::enum(Source::class)],
            'place' => ['nullable', 'string', self::atMost('place')],
            'got_on' => [
                'bail',
                'required',
                'date_format:Y-m-d',
                'after:2000-01-01',
                'before_or_equal:'.Today::here()->toDateString(),
            ],
            'length' => $length, 'width' => $length, 'height' => $length,
            'due_on' => ['bail', 'nullable', 'date_format:Y-m-d', 'after:2000-01-01', 'before:2100-01-01'],
            'is_packaged' => ['boolean'],
            'packaged_length' => $packaged, 'packaged_width' => $packaged, 'packaged_height' => $packaged,
            'colours' => ['array', 'max:3'],
            'colours.*' => ['bail', 'string', 'regex:/^#[0-9a-fA-F]{6}$/'],
            'size_label' => ['nullable', 'string', self::atMost('size_label')],
            'traits' => ['array', 'max:30'],
            'traits.*' => [Rule::enum(ItemTrait::class)],
            'note' => ['nullable', 'string', self::atMost('note')],
            'tags' => ['nullable', 'string', self::atMost('tags')],
            'kept' => ['nullable', 'string', self::atMost('kept')],
            'materials' => ['nullable', 'string', self::atMost('materials')],
            'minutes' => ['bail', 'nullable', 'integer', 'between:1,'.LotLimits::MINUTES],
            'holds' => ['bail', 'nullable', 'string', 'max:1000', new ReadsAsContents],
            'desk' => ['nullable', 'string', self::atMost('desk')],
            'pack_pieces' => ['bail', 'nullable', 'integer', 'between:1,'.LotLimits::PIECES],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => Words::of('stash.errors.name-required'),
            'name.max' => Words::of('stash.errors.name-max'),
            'pack_pieces.*' => Words::of('stash.errors.pieces'),
            'minutes.*' => Words::of('stash.errors.minutes'),
            'pieces.*' => Words::of('stash.errors.pieces'),
            'quantity.*' => Words::of('boxes.errors.quantity'),
            'got_on.*' => Words::of('stash.errors.got-on'),
            'due_on.*' => Words::of('stash.errors.due-on'),
            'colours.max' => Words::of('boxes.errors.colours-max'),
            'colours.*.regex' => Words::of('boxes.errors.colour'),
            'required_with' => Words::of('boxes.errors.required'),
            'max' => Words::of('stash.errors.max'),
            'required' => Words::of('boxes.errors.required'),
            'string' => Words::of('boxes.errors.text'),
            'in' => Words::of('boxes.errors.in'),
            'enum' => Words::of('boxes.errors.in'),
        ];
    }

    private function checkPrice(Validator $validator): void
    {
        if ($validator->errors()->isNotEmpty()) {
            return;
        }
        $this->checkSides($validator);
        $price = $this->typedPrice();
        if ($price !== null && $price->isZero() && ! $this->boolean('is_free') && ! $this->source()->isUsuallyFree()) {
            $validator->errors()->add('price', Words::of('stash.errors.was-it-free'));
        }
        if ($price !== null && ! $price->isZero() && $this->boolean('is_free')) {
            $validator->errors()->add('price', Words::of('stash.errors.free-and-paid', ['price' => $price->format()]));
        }
    }

    /** Three bare figures far smaller than the kind ever is were measured in centimetres or inches. */
    private function checkSides(Validator $validator): void
    {
        $typed = array_map(
            fn (string $side): string => $this->string($side)->trim()->value(),
            ['length', 'width', 'height'],
        );
        if (
            $validator->errors()->isNotEmpty()
                || array_filter(
                    $typed,
                    static fn (string $side): bool => preg_match('/^\d+([.,]\d+)?$/', $side) !== 1,
                ) !== []
        ) {
            return;
        }
        $usual = $this->kind()->body->size->sides()[0];
        if (max($this->tenths('length'), $this->tenths('width'), $this->tenths('height')) * 5 < $usual) {
            $validator->errors()->add(
                'length',
                Words::of('stash.errors.unit', ['side' => $typed[0], 'usual' => (int) round($usual / 10)]),
            );
        }
    }

    /** Fill a lot with what was typed. */
    private function fillLot(Lot $lot): Lot
    {
        $price = $this->typedPrice();
        $state = match (true) {
            $price !== null && ! $price->isZero() => PriceState::Paid,
            $this->boolean('is_free') || $this->source()->isUsuallyFree() => PriceState::Free,
            default => PriceState::Unknown,
        };
        $kind = $this->kind();
        $size = new Size($this->tenths('length'), $this->tenths('width'), $this->tenths('height'));

        return $lot->fill([
            'kind' => $kind->id,
            'name' => $this->string('name')->value(),
            'pieces' => $this->integer('pieces'),
            'price_state' => $state,
            'currency' => $this->currency()->code,
            'paid' => $state === PriceState::Paid ? $price : null,
            'list' => is_string($list = $this->input('list_price')) ? Money::parse($list, $this->currency()) : null,
            'source' => $this->source(),
            'place' => $this->input('place'),
            'got_on' => $this->date('got_on', 'Y-m-d'),
            'due_on' => $this->input('due_on'),
            'size' => $size,
            'packaged' => $this->filled('packaged_length')
                ? new Size(
                    $this->tenths('packaged_length'),
                    $this->tenths('packaged_width'),
                    $this->tenths('packaged_height'),
                )
                : null,
            'is_packaged' => $this->boolean('is_packaged'),
            'colours' => Palette::ofHexes(
                array_values(array_filter((array) $this->input('colours', []), is_string(...))),
            ),
            'is_measured' => $this->boolean('is_measured') || $size != $kind->body->size,
            'size_label' => $kind->care->isWorn ? $this->input('size_label') : null,
            'traits' => array_values(
                array_map(
                    static fn (mixed $trait): ItemTrait => ItemTrait::from(is_string($trait) ? $trait : ''),
                    (array) $this->input('traits', []),
                ),
            ),
            'note' => $this->input('note'),
            'tags' => implode(', ', array_filter(array_map(trim(...), explode(',', $this->string('tags')->value())))),
            'kept' => $this->input('kept'),
            'materials' => $this->source() === Source::Made ? $this->input('materials') : null,
            'minutes' => $this->source() === Source::Made && $this->filled('minutes')
                ? $this->integer('minutes')
                : null,
            'desk' => $this->input('desk'),
            'pack_pieces' => $this->filled('pack_pieces') ? $this->integer('pack_pieces') : $lot->pack_pieces,
            'holds' => is_array($holds = Contents::read($this->string('holds')->value())) ? $holds : [],
        ]);
    }

    private function source(): Source
    {
        return Source::from($this->string('source')->value());
    }

    private function kind(): ItemKind
    {
        return resolve(Catalogue::class)->get($this->string('kind')->value());
    }

    private function typedPrice(): ?Money
    {
        $price = $this->input('price');

        return is_string($price) ? Money::parse($price, $this->currency()) : null;
    }

    private function tenths(string $field): int
    {
        return Length::parse($this->string($field)->value())->tenths;
    }

    private function currency(): Currency
    {
        $user = $this->user();

        return $user instanceof User
            ? $user->crew->currency
            : throw new LogicException('A lot is described by someone signed in.');
    }

    /** @param key-of<LotLimits::TEXTS> $what */
    private static function atMost(string $what): string
    {
        return 'max:'.LotLimits::TEXTS[$what];
    }
}
