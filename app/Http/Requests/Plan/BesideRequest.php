<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use App\Actions\FillBox;
use App\Models\Box;
use App\Models\Lot;
use App\Pages\Plan\BesidePage;
use App\Support\Texts;
use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Collection;

/** Which boxes next to each other get what, or lose what. */
final class BesideRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'with' => ['bail', 'required', 'array', 'min:1', 'max:'.BesidePage::MOST],
            'with.*' => ['string'],
            'kind' => ['nullable', 'string'],
            'lot' => ['required_without:kind', 'nullable', 'string'],
            'turn' => ['nullable', 'string', 'different:lot'],
            'each' => ['required_without:kind', 'nullable', 'integer', 'min:1', 'max:'.FillBox::MOST_OF_ONE],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'with.*' => Words::of('plan/beside.wrong.with'),
            'lot.*' => Words::of('plan/beside.wrong.lot'),
            'turn.*' => Words::of('plan/beside.wrong.turn'),
            'each.*' => Words::of('plan/beside.wrong.each', ['most' => FillBox::MOST_OF_ONE]),
        ];
    }

    /** @return Collection<int, Box> by number; where one is not the crew's, none is found */
    public function boxes(): Collection
    {
        $ids = array_unique(Texts::of($this->input('with')));
        $boxes = Box::query();
        $boxes->whereKey($ids)->orderBy('number');
        $found = $boxes->get()->toBase();
        $found->count() === count($ids) || abort(404);

        return $found;
    }

    /** @return non-empty-list<string> ids of lots of the crew, in the order in which they are dealt out */
    public function lots(): array
    {
        $ids = [$this->string('lot')->value()];
        $this->filled('turn') && $ids[] = $this->string('turn')->value();
        Lot::query()->whereKey($ids)->count() === count($ids) || abort(404);

        return $ids;
    }
}
