<?php

declare(strict_types=1);

namespace App\Http\Requests\Pack;

use App\Rules\ReadsAsLength;
use Illuminate\Foundation\Http\FormRequest;
use PluckyWren\Core\Measure\InvalidLength;
use PluckyWren\Core\Measure\Length;
use PluckyWren\Core\Measure\Size;

/** Three sides of a thing, as they were measured at the table. */
final class MeasuredRequest extends FormRequest
{
    private const SIDES = ['length', 'width', 'height'];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return array_fill_keys(self::SIDES, ['bail', 'required', 'string', new ReadsAsLength]);
    }

    /** @throws InvalidLength */
    public function size(): Size
    {
        return new Size(...array_map(
            fn (string $side): int => Length::parse($this->string($side)->value())->tenths,
            self::SIDES,
        ));
    }

    /** Each piece has its own bag of errors, so that the message stands beside its own fields. */
    protected function prepareForValidation(): void
    {
        $piece = $this->route('piece');
        $this->errorBag = 'measured-'.(is_object($piece) && isset($piece->id) ? $piece->id : '');
    }

    protected function getRedirectUrl(): string
    {
        return route('roll-call', array_filter(['box' => $this->string('box')->value()]));
    }
}
