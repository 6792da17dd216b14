<?php

declare(strict_types=1);

namespace App\Http\Requests\Gather;

use App\Models\Recipe;
use App\Models\User;
use App\Words\Words;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\Making\Materials;

/** A recipe as a crew writes it down. */
final class RecipeRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(Catalogue $catalogue): array
    {
        $recipe = $this->route('recipe');

        return [
            'name' => [
                'bail', 'required', 'string', 'max:80',
                Rule::unique('recipes', 'name')
                    ->where('crew_id', $this->member()->crew_id)
                    ->ignore($recipe instanceof Recipe ? $recipe->id : null),
            ],
            'kind' => ['bail', 'required', 'string', static function (
                string $field,
                mixed $value,
                Closure $fail,
            ) use ($catalogue): void {
                is_string($value) && $catalogue->named($value) !== null || $fail(Words::of('gather/makes.wrong.kind'));
            }],
            'gives' => ['bail', 'required', 'integer', 'between:1,1000'],
            'minutes' => ['nullable', 'bail', 'integer', 'between:1,100000'],
            'materials' => ['bail', 'required', 'string', 'max:2000', function (
                string $field,
                mixed $value,
                Closure $fail,
            ) use ($catalogue): void {
                $read = Materials::read(is_string($value) ? $value : '', $catalogue, $this->member()->crew->currency);
                is_string($read) && $fail(Words::of('gather/makes.wrong.material', ['line' => $read]));
                $read === [] && $fail(Words::of('gather/makes.wrong.materials'));
            }],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.unique' => Words::of('gather/makes.wrong.name-twice'),
            'name.*' => Words::of('gather/makes.wrong.name'),
            'kind.required' => Words::of('gather/makes.wrong.kind'),
            'gives.*' => Words::of('gather/makes.wrong.gives'),
            'minutes.*' => Words::of('gather/makes.wrong.minutes'),
            'materials.required' => Words::of('gather/makes.wrong.materials'),
            'materials.max' => Words::of('gather/makes.wrong.materials'),
        ];
    }

    public function described(Recipe $recipe): Recipe
    {
        $minutes = $this->integer('minutes');

        return $recipe->fill([
            'name' => $this->string('name')->trim()->value(),
            'kind' => resolve(Catalogue::class)->named($this->string('kind')->value())?->id,
            'gives' => $this->integer('gives'),
            'minutes' => $minutes > 0 ? $minutes : null,
            'materials' => $this->string('materials')->trim()->value(),
        ]);
    }

    private function member(): User
    {
        $user = $this->user();

        return $user instanceof User ? $user : abort(401);
    }
}
