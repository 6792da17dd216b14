<?php

declare(strict_types=1);

namespace App\Rules;

use App\Words\Words;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Validation\Rules\Password;

/** How a name, an address and a password of an account must be, wherever somebody writes one. */
final class AccountRules
{
    public const NAME = ['required', 'string', 'max:80'];

    public const EMAIL = ['bail', 'required', 'string', 'email', 'max:200'];

    /**
     * @param  'required'|'nullable'  $presence
     * @return list<string|ValidationRule|Password>
     */
    public static function password(string $presence = 'required'): array
    {
        return ['bail', $presence, 'string', 'max:200', Password::min(10), new IsNoCommonPassword];
    }

    /** @return array<string, string> what is said of those that cannot be */
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
