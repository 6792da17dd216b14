<?php

declare(strict_types=1);

namespace App\Http\Requests\Gather;

use App\Models\Lot;
use App\Rules\ReadsAsMoney;
use App\Words\Words;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Foundation\Http\FormRequest;
use LogicException;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Money\Money;

/** What was paid for something that is in the stash without a price. */
final class PriceLaterRequest extends FormRequest
{
    /** @return array<string, list<string|ValidationRule>> */
    public function rules(): array
    {
        return ['paid' => ['bail', 'required', 'string', new ReadsAsMoney($this->lot()->crew->currency)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['required' => Words::of('gather/shopping.price-which')];
    }

    /**
     * Get the amount.
     *
     * @throws InvalidMoney Never, as the rules let nothing through that is no amount.
     */
    public function paid(): Money
    {
        return Money::parse($this->string('paid')->value(), $this->lot()->crew->currency);
    }

    /** Each thing has its own bag of errors, so that the message stands beside its own field. */
    protected function prepareForValidation(): void
    {
        $this->errorBag = "priced-{$this->lot()->id}";
    }

    private function lot(): Lot
    {
        $lot = $this->route('lot');

        return $lot instanceof Lot ? $lot : throw new LogicException('The address names a lot.');
    }
}
