<?php

declare(strict_types=1);

namespace App\Http\Requests\Crew;

use App\Rules\AccountRules;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rules\Password;

/** A new password in the place of one that was forgotten. */
final class NewPasswordRequest extends FormRequest
{
    /** @return array<string, list<string|ValidationRule|Password>> */
    public function rules(): array
    {
        return [
            'email' => AccountRules::EMAIL,
            'password' => AccountRules::password(),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return AccountRules::said();
    }
}
