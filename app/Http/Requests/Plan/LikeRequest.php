<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use App\Crews\CrewInHand;
use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Recipient\Gender;

/** For whom a box like another is to be. */
final class LikeRequest extends FormRequest
{
    public const MOST = 7;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $audience = resolve(CrewInHand::class)->guide()->audience;

        return [
            'band' => [
                'bail', 'required', Rule::in(
                    array_map(static fn (AgeBand $band): string => $band->id(), $audience->bands),
                ),
            ],
            'gender' => ['bail', 'required', Rule::in(array_column($audience->genders, 'value'))],
            'theme' => ['bail', 'required', 'string', 'max:80'],
            'count' => ['bail', 'nullable', 'integer', 'between:1,'.self::MOST],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'band.*' => Words::of('plan/like.wrong.band'), 'gender.*' => Words::of('plan/like.wrong.gender'),
            'theme.*' => Words::of('plan/like.wrong.theme'),
            'count.*' => Words::of('plan/like.wrong.count', ['most' => self::MOST]),
        ];
    }

    public function band(): AgeBand
    {
        return AgeBand::parse($this->string('band')->value());
    }

    public function gender(): Gender
    {
        return Gender::from($this->string('gender')->value());
    }

    public function theme(): string
    {
        return $this->string('theme')->trim()->value();
    }
}
