<?php

declare(strict_types=1);

namespace App\Http\Requests\Send;

use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;

/** How many boxes a crew wants to make, by age group. */
class GoalsRequest extends FormRequest
{
    private const MOST = 5_000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['goals' => ['array'], 'goals.*' => ['bail', 'nullable', 'integer', 'min:0', 'max:'.self::MOST]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $wrong = Words::of('send/season.goals-wrong', ['most' => self::MOST]);

        return ['goals.*' => $wrong, 'goals.*.*' => $wrong];
    }

    /**
     * @param  list<string>  $bands  ids of the drive's
     * @return array<string, int> without those of which none are wanted
     */
    public function goals(array $bands): array
    {
        $typed = array_intersect_key((array) $this->input('goals'), array_flip($bands));

        return array_filter(array_map(static fn (mixed $goal): int => is_numeric($goal) ? (int) $goal : 0, $typed));
    }
}
