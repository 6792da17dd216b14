<?php

declare(strict_types=1);

namespace App\Http\Requests\Crew;

use App\Rules\IsNoCommonPassword;
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
            'email' => ['bail', 'required', 'string', 'email', 'max:200'],
            'password' => ['bail', 'required', 'string', 'max:200', Password::min(10), new IsNoCommonPassword],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return JoinRequest::said();
    }
}
