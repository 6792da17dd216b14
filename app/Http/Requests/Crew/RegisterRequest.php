<?php

declare(strict_types=1);

namespace App\Http\Requests\Crew;

use App\Crews\CrewInHand;
use App\Reference\Currencies;
use App\Reference\Notations;
use App\Rules\AccountRules;
use App\Words\Words;
use DateTimeZone;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\In;
use Illuminate\Validation\Rules\Password;
use PluckyWren\Core\Money\Currency;

final class RegisterRequest extends FormRequest
{
    /** @return array<string, list<string|ValidationRule|In|Password>> */
    public function rules(): array
    {
        return [
            'crew' => ['required', 'string', 'max:80'],
            'name' => AccountRules::NAME,
            'email' => AccountRules::EMAIL,
            'currency' => ['bail', 'nullable', 'string', Rule::in(array_keys(resolve(Currencies::class)->names()))],
            'locale' => ['bail', 'nullable', 'string', Rule::in(Notations::LOCALES)],
            'password' => AccountRules::password(),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...AccountRules::said(),
            'locale.in' => Words::of('crew/auth.errors.locale'),
            'currency.in' => Words::of('crew/auth.errors.currency'),
        ];
    }

    /** Get whose way of writing figures is theirs: what was chosen, or as their browser's first language has it. */
    public function locale(): string
    {
        $locale = $this->input('locale');

        return is_string($locale) ? $locale : resolve(Notations::class)->choiceFor($this);
    }

    /** Get the money the crew reckons in: what was chosen, or that of this season's guide. */
    public function currency(): Currency
    {
        $code = $this->input('currency');

        return is_string($code)
            ? Currency::of($code)
            : resolve(CrewInHand::class)->guide()->terms->sendingGift->currency;
    }

    /** Get where their day begins: as their browser tells; the day of UTC where it tells nothing that is a zone. */
    public function timeZone(): string
    {
        $zone = $this->input('time_zone');

        return is_string($zone) && in_array($zone, DateTimeZone::listIdentifiers(DateTimeZone::ALL_WITH_BC), true)
            ? $zone
            : 'UTC';
    }
}
