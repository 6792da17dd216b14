<?php

declare(strict_types=1);

namespace App\Http\Requests\Gather;

use App\Http\Requests\LotFields;
use App\Models\Lot;
use App\Support\Today;
use App\Words\Words;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\Rules\In;
use PluckyWren\Core\Stash\Catalogue;
use PluckyWren\Core\Stash\Source;

/** Something ticked off in the shop: what it cost and how many; the rest is as its kind usually comes. */
final class BoughtRequest extends FormRequest
{
    use LotFields;

    /** @return array<string, list<string|ValidationRule|In|Enum>> */
    public function rules(): array
    {
        // Sent later from a pocket, it carries a key by which it is known.
        return [
            ...$this->lotRules(),
            'key' => $this->routeIs('pocket.later') ? ['bail', 'required', 'string', 'max:100'] : ['nullable'],
        ];
    }

    public function after(): callable
    {
        return $this->checkLot(...);
    }

    public function lot(): Lot
    {
        return (new Lot)->describe($this->typedLot());
    }

    /** Each kind has its own bag of errors, so that the message stands beside its own field. */
    protected function prepareForValidation(): void
    {
        $id = $this->input('kind');
        $catalogue = resolve(Catalogue::class);
        if (! is_string($id) || ! $catalogue->has($id)) {
            return;
        }
        $kind = $catalogue->get($id);
        $this->errorBag = "bought-{$id}";
        $today = Today::here()->toDateString();
        $this->merge([
            'name' => Words::of('gather/shopping.name', ['kind' => $kind->name]),
            'pack_pieces' => $this->routeIs('pocket.later') ? $this->input('pieces') : $this->input('pack_pieces'),
            'source' => $this->later('source', Source::Shop->value),
            'got_on' => min($this->later('got_on', $today), $today),
            'length' => (string) ($kind->body->size->length / 10),
            'width' => (string) ($kind->body->size->width / 10),
            'height' => (string) ($kind->body->size->height / 10),
            'traits' => array_map(static fn ($trait): string => $trait->value, $kind->care->traits),
        ]);
    }

    /** What is sent later carries its own day and source; what is ticked off in the shop is of today and of a shop. */
    private function later(string $field, string $otherwise): string
    {
        $sent = $this->input($field);

        return $this->routeIs('pocket.later') && is_string($sent) && $sent !== '' ? $sent : $otherwise;
    }
}
