<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use App\Actions\KeepIdea;
use App\Support\Texts;
use App\Words\Words;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use PluckyWren\Core\Colour\InvalidPalette;
use PluckyWren\Core\Colour\Palette;

/** A theme for which there is no box yet, as it is described. */
final class IdeaRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['bail', 'required', 'string', 'max:80'],
            'words' => ['bail', 'nullable', 'string', 'max:400'],
            'wishes' => ['bail', 'nullable', 'string', 'max:2000', static function (
                string $field,
                mixed $text,
                Closure $fail,
            ): void {
                if (is_string($text) && count(self::lines($text)) > KeepIdea::MOST_WISHES) {
                    $fail(Words::of('plan/ideas.wrong.wishes', ['most' => KeepIdea::MOST_WISHES]));
                }
            }],
            'colours' => ['bail', 'array', 'max:3', static function (string $field, mixed $hexes, Closure $fail): void {
                try {
                    Palette::ofHexes(Texts::of($hexes));
                } catch (InvalidPalette) {
                    $fail(Words::of('plan/theme.wrong.colours'));
                }
            }],
            'seed' => ['nullable', 'string'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => Words::of('plan/ideas.wrong.name'), 'words.*' => Words::of('plan/ideas.wrong.words'),
            'wishes.string' => Words::of('plan/ideas.wrong.text'), 'wishes.max' => Words::of('plan/ideas.wrong.text'),
            'colours.array' => Words::of('plan/theme.wrong.colours'),
            'colours.max' => Words::of('plan/theme.wrong.colours'),
        ];
    }

    /** @return array<string, mixed> */
    public function said(): array
    {
        return [
            'name' => $this->string('name')->trim()->value(),
            'words' => array_values(array_unique(array_filter(
                array_map(trim(...), explode(',', $this->string('words')->value())),
            ))),
            'wishes' => self::lines($this->string('wishes')->value()),
            'palette' => Palette::ofHexes(Texts::of($this->input('colours'))),
        ];
    }

    /** @return list<string> what stands in each line */
    private static function lines(string $text): array
    {
        return array_values(array_filter(array_map(trim(...), preg_split('/\R/u', $text) ?: [])));
    }
}
