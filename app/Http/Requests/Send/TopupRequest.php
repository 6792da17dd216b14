<?php

declare(strict_types=1);

namespace App\Http\Requests\Send;

use App\Models\TopupBag;
use App\Words\WhyWords;
use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Recipient\InvalidBand;
use PluckyWren\Core\Stash\Category;

/** What goes into a top-up bag, and for whom it is. */
final class TopupRequest extends FormRequest
{
    private const MOST = 1_000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'category' => ['bail', 'required', Rule::enum(Category::class)],
            'band' => ['nullable', 'string', static function (string $field, mixed $typed, callable $fail): void {
                try {
                    AgeBand::parse(is_string($typed) ? $typed : '');
                } catch (InvalidBand $why) {
                    $fail(WhyWords::of($why));
                }
            }],
            'pieces' => ['array'],
            'pieces.*' => ['bail', 'nullable', 'integer', 'min:0', 'max:'.self::MOST],
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isEmpty() && $this->counts() === []) {
                $validator->errors()->add('pieces', Words::of('send/topup.nothing-in-it'));
            }
        }];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $wrong = Words::of('send/topup.wrong', ['most' => self::MOST]);

        return ['pieces.*' => $wrong, 'pieces.*.*' => $wrong];
    }

    public function bag(int $season): TopupBag
    {
        return new TopupBag([
            'category' => $this->string('category')->value(), 'band' => $this->string('band')->value() ?: null,
            'season' => $season,
        ]);
    }

    /** @return array<string, int> by the lot's id, without those of which none go in */
    public function counts(): array
    {
        return array_filter(array_map(
            static fn (mixed $typed): int => is_numeric($typed) ? (int) $typed : 0,
            array_filter((array) $this->input('pieces'), is_string(...), ARRAY_FILTER_USE_KEY),
        ));
    }
}
