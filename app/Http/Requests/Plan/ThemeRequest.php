<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use App\Models\Lot;
use App\Support\Texts;
use App\Words\Words;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use PluckyWren\Core\Colour\InvalidPalette;
use PluckyWren\Core\Colour\Palette;

/** What a packer says of a box's theme. */
final class ThemeRequest extends FormRequest
{
    private const MOST_LETTERS = 200;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'words' => ['array', 'max:100'],
            'words.*' => ['string', 'max:40'],
            'was' => ['array', 'max:100'],
            'was.*' => ['string', 'max:40'],
            'more' => ['nullable', 'string', 'max:'.self::MOST_LETTERS],
            'colours' => ['bail', 'array', 'max:3', static function (string $field, mixed $hexes, Closure $fail): void {
                try {
                    Palette::ofHexes(Texts::of($hexes));
                } catch (InvalidPalette) {
                    $fail(Words::of('plan/theme.wrong.colours'));
                }
            }],
            'seed' => ['nullable', 'string', static function (string $field, mixed $id, Closure $fail): void {
                Lot::query()->whereKey($id)->exists() || $fail(Words::of('plan/theme.wrong.seed'));
            }],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'words.*' => Words::of('plan/theme.wrong.words'), 'was.*' => Words::of('plan/theme.wrong.words'),
            'more.*' => Words::of('plan/theme.wrong.words'), 'colours.*' => Words::of('plan/theme.wrong.colours'),
            'seed.*' => Words::of('plan/theme.wrong.seed'),
        ];
    }

    /**
     * @param  list<string>  $had  own words there were
     * @return list<string>
     */
    public function ownWords(array $had): array
    {
        $typed = array_filter(array_map(trim(...), explode(',', $this->string('more')->value())));

        return array_values(array_unique([...array_diff($had, $this->unticked()), ...$typed]));
    }

    /**
     * @param  list<string>  $had  words that were taken away
     * @return list<string>
     */
    public function without(array $had): array
    {
        return array_values(array_unique([...array_diff($had, $this->texts('words')), ...$this->unticked()]));
    }

    public function palette(): Palette
    {
        return Palette::ofHexes($this->texts('colours'));
    }

    public function seed(): ?string
    {
        return $this->string('seed')->value() ?: null;
    }

    /** @return list<string> words that stood there ticked and are ticked no more */
    private function unticked(): array
    {
        return array_values(array_diff($this->texts('was'), $this->texts('words')));
    }

    /** @return list<string> */
    private function texts(string $field): array
    {
        return Texts::of($this->input($field));
    }
}
