<?php

declare(strict_types=1);

namespace App\Http\Requests\Gather;

use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Validator as Validators;
use Illuminate\Validation\Validator;
use PluckyWren\Core\Measure\InvalidLength;
use PluckyWren\Core\Measure\Length;
use PluckyWren\Core\Measure\Unit;

/** What a size label means: about how tall a child it fits, or how long a foot. */
final class LabelRequest extends FormRequest
{
    private const TALL_MM = [450, 2000];

    private const FOOT_MM = [80, 320];

    /** @return array<string, mixed> none here: a refusal is shown where the form stands */
    public function rules(): array
    {
        return [];
    }

    public function checked(): Validator
    {
        $checked = Validators::make(
            $this->all(),
            ['label' => ['required', 'string', 'max:40'], 'fits' => ['bail', 'required', 'string', 'max:20']],
            ['*' => Words::of('gather/labels.wrong-fits')],
        );

        return $checked->after(function (Validator $checked): void {
            [$least, $most] = $this->boolean('shoes') ? self::FOOT_MM : self::TALL_MM;
            $mm = $checked->errors()->isEmpty() ? $this->millimetres() : $least;
            if ($mm < $least || $mm > $most) {
                $checked->errors()->add('fits', Words::of(
                    'gather/labels.out-of-reach.'.($this->boolean('shoes') ? 'foot' : 'tall'),
                    ['least' => $least / 10, 'most' => $most / 10],
                ));
            }
        });
    }

    /** Get what was typed, in centimetres where no unit was; 0 where it cannot be read. */
    public function millimetres(): int
    {
        try {
            return intdiv(Length::parse($this->string('fits')->value(), Unit::Centimetre)->tenths, 10);
        } catch (InvalidLength) {
            return 0;
        }
    }
}
