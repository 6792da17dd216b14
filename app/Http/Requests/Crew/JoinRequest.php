<?php

declare(strict_types=1);

namespace App\Http\Requests\Crew;

use App\Models\Invite;
use App\Rules\IsNoCommonPassword;
use App\Words\Words;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rules\Password;

/** Who comes into a crew. */
final class JoinRequest extends FormRequest
{
    /** A link that has ended is not there, whatever was filled in. */
    protected function prepareForValidation(): void
    {
        $token = $this->route('token');
        Invite::ofLink(is_string($token) ? $token : '') ?? abort(404);
    }

    /** @return array<string, list<string|ValidationRule|Password>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'email' => ['bail', 'required', 'string', 'email', 'max:200'],
            'password' => ['bail', 'required', 'string', 'max:200', Password::min(10), new IsNoCommonPassword],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return self::said();
    }

    /** @return array<string, string> what is said of a name, an address and a password that cannot be */
    public static function said(): array
    {
        return [
            'required' => Words::of('crew/auth.errors.required'),
            'string' => Words::of('plan/boxes.errors.text'),
            'max' => Words::of('gather/stash.errors.max'),
            'email.email' => Words::of('crew/auth.errors.email'),
            'password.min' => Words::of('crew/auth.errors.password-min'),
        ];
    }
}
