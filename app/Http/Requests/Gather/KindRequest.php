<?php

declare(strict_types=1);

namespace App\Http\Requests\Gather;

use App\Models\OwnKind;
use App\Words\WhyWords;
use App\Words\Words;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\Validator;
use PluckyWren\Core\CoreException;
use PluckyWren\Core\Fit\Form;
use PluckyWren\Core\Measure\Length;
use PluckyWren\Core\Measure\Size;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\Category;
use PluckyWren\Core\Stash\ItemKind;
use PluckyWren\Core\Stash\ItemTrait;
use PluckyWren\Core\Stash\KindCorrections;
use PluckyWren\Core\Stash\KindDraft;
use PluckyWren\Core\Stash\LotLimits;

/** A kind of thing as a crew describes it: in a few answers at first, in all of them when it is put right. */
final class KindRequest extends FormRequest
{
    private const SIDES = ['length', 'width', 'height'];

    private ?Size $size = null;

    /** @return array<string, list<string|ValidationRule|Enum>> */
    public function rules(): array
    {
        return [
            'name' => ['bail', 'required', 'string', 'min:3', 'max:'.KindDraft::LONGEST_NAME],
            'category' => ['bail', 'required', Rule::enum(Category::class)],
            'also' => ['bail', 'nullable', 'string', 'max:400'],
            'like' => ['bail', 'nullable', 'string', 'max:80'],
            'counts_as' => ['boolean'],
            ...array_fill_keys(self::SIDES, ['bail', 'nullable', 'string']),
            'packs_as' => ['bail', 'nullable', Rule::enum(Form::class)],
            'traits' => ['array', 'max:30'],
            'traits.*' => [Rule::enum(ItemTrait::class)],
            'from_age' => ['bail', 'nullable', 'integer', 'between:0,18', 'required_with:to_age'],
            'to_age' => ['bail', 'nullable', 'integer', 'between:0,18', 'gte:from_age', 'required_with:from_age'],
            'grams' => ['bail', 'nullable', 'integer', 'between:1,'.LotLimits::GRAMS],
            'is_solid' => ['boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => Words::of('gather/kinds.errors.name'),
            'category.*' => Words::of('gather/kinds.errors.lane'),
            'from_age.*' => Words::of('gather/kinds.errors.ages'),
            'to_age.*' => Words::of('gather/kinds.errors.ages'),
            'grams.*' => Words::of('gather/kinds.errors.grams'),
            'max' => Words::of('gather/stash.errors.max'),
            'string' => Words::of('plan/boxes.errors.text'),
            'enum' => Words::of('plan/boxes.errors.in'),
        ];
    }

    public function after(): callable
    {
        return function (Validator $validator): void {
            if ($this->string('like')->trim()->isNotEmpty() && $this->like() === null) {
                $validator->errors()->add('like', Words::of('gather/kinds.errors.like'));
            }
            $named = resolve(Catalogue::class)->named($this->string('name')->value());
            if ($named !== null && $named->id !== $this->own()?->id) {
                $validator->errors()->add('name', Words::of('gather/kinds.errors.there', ['name' => $named->name]));
            }
            $this->readSides($validator);
        };
    }

    public function draft(): KindDraft
    {
        return new KindDraft(
            $this->string('name')->trim()->value(),
            Category::from($this->string('category')->value()),
            array_values(array_filter(array_map(trim(...), explode(',', $this->string('also')->value())))),
            $this->like(),
            $this->boolean('counts_as'),
            $this->size,
            $this->corrections(),
        );
    }

    private function corrections(): ?KindCorrections
    {
        $form = Form::tryFrom($this->string('packs_as')->value());
        $isAged = $this->filled('from_age') && $this->filled('to_age');

        return $form === null ? null : new KindCorrections(
            $form,
            array_values(array_filter(array_map(
                static fn (mixed $trait): ?ItemTrait => is_string($trait) ? ItemTrait::tryFrom($trait) : null,
                (array) $this->input('traits'),
            ))),
            $isAged ? new AgeBand($this->integer('from_age'), $this->integer('to_age')) : null,
            $this->filled('grams') ? $this->integer('grams') : null,
            $this->boolean('is_solid'),
        );
    }

    private function like(): ?ItemKind
    {
        return resolve(Catalogue::class)->named($this->string('like')->value());
    }

    private function own(): ?OwnKind
    {
        $kind = $this->route('kind');

        return $kind instanceof OwnKind ? $kind : null;
    }

    /** All three sides are said, or none. */
    private function readSides(Validator $validator): void
    {
        $tenths = [];
        foreach (self::SIDES as $side) {
            $typed = $this->string($side)->trim()->value();
            try {
                $tenths[] = $typed === '' ? 0 : Length::parse($typed)->tenths;
            } catch (CoreException $why) {
                $validator->errors()->add($side, WhyWords::of($why));

                return;
            }
        }
        if (min($tenths) > 0) {
            $this->size = new Size(...$tenths);
        } elseif (max($tenths) > 0) {
            $validator->errors()->add('length', Words::of('gather/kinds.errors.sides'));
        }
    }
}
