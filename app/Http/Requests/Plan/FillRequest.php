<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use App\Support\Texts;
use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use PluckyWren\Core\Box\Filling\Candidate;
use PluckyWren\Core\Stash\Catalogue;

/** What of a proposal is taken. */
final class FillRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'take' => ['bail', 'required', 'array', 'min:1', 'max:200'],
            'take.*' => ['string'],
            'count' => ['array', 'max:200'],
            'count.*' => ['integer', 'min:1', 'max:100'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['*' => Words::of('plan/filling.nothing')];
    }

    /** @return array<string, int> how many of each lot that is ticked, by its id */
    public function lots(): array
    {
        return array_filter(
            $this->counts(),
            static fn (string $id): bool => ! str_starts_with($id, Candidate::TO_BUY),
            ARRAY_FILTER_USE_KEY,
        );
    }

    /** @return array<string, int> how many of each kind that is ticked are to be bought, by its id */
    public function toBuy(Catalogue $catalogue): array
    {
        $toBuy = [];
        foreach ($this->counts() as $id => $count) {
            $kind = substr($id, strlen(Candidate::TO_BUY));
            if (str_starts_with($id, Candidate::TO_BUY) && $catalogue->has($kind)) {
                $toBuy[$kind] = $count;
            }
        }

        return $toBuy;
    }

    /** @return array<string, int> */
    private function counts(): array
    {
        $counts = [];
        foreach (Texts::of($this->input('take')) as $id) {
            $counts[$id] = max(1, $this->integer("count.{$id}", 1));
        }

        return $counts;
    }
}
