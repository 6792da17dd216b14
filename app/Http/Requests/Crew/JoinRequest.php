<?php

declare(strict_types=1);

namespace App\Http\Requests\Crew;

use App\Models\Invite;
use App\Rules\AccountRules;
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
            'name' => AccountRules::NAME,
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
