<?php

declare(strict_types=1);

namespace App\Http\Requests\Crew;

use App\Models\User;
use App\Rules\AccountRules;
use App\Words\Words;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Password;
use Illuminate\Validation\Rules\Unique;

/** What somebody changes of their own account; whoever does must know the password that holds now. */
final class AccountRequest extends FormRequest
{
    /** @return array<string, list<string|ValidationRule|Password|Unique>> */
    public function rules(): array
    {
        return [
            'name' => AccountRules::NAME,
            'email' => [...AccountRules::EMAIL, Rule::unique(User::class)->ignore($this->user())],
            'now' => ['required', 'string', 'current_password'],
            'password' => AccountRules::password('nullable'),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...AccountRules::said(),
            'current_password' => Words::of('crew/people.wrong-password'),
            'unique' => Words::of('crew/people.address-taken'),
        ];
    }
}
