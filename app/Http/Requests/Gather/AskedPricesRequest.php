<?php

declare(strict_types=1);

namespace App\Http\Requests\Gather;

use App\Models\Crew;
use App\Models\User;
use App\Rules\ReadsAsMoney;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Foundation\Http\FormRequest;
use LogicException;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Money\Money;

/** What a few things cost where the crew shops. */
final class AskedPricesRequest extends FormRequest
{
    /** @return array<string, list<string|ValidationRule>> */
    public function rules(): array
    {
        $rules = [];
        foreach (Crew::ASKED_KINDS as $kind) {
            $rules["cost-{$kind}"] = ['bail', 'nullable', 'string', new ReadsAsMoney($this->crew()->currency)];
        }

        return $rules;
    }

    /**
     * @return array<string, Money> those that were filled in, by kind
     *
     * @throws InvalidMoney Never, as the rules let nothing through that is no amount.
     */
    public function prices(): array
    {
        $prices = [];
        foreach (Crew::ASKED_KINDS as $kind) {
            $typed = $this->input("cost-{$kind}");
            if (is_string($typed) && $typed !== '') {
                $prices[$kind] = Money::parse($typed, $this->crew()->currency);
            }
        }

        return $prices;
    }

    public function crew(): Crew
    {
        $user = $this->user();

        return $user instanceof User ? $user->crew : throw new LogicException('Nobody is signed in.');
    }
}
