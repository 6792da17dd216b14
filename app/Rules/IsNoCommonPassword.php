<?php

declare(strict_types=1);

namespace App\Rules;

use App\Words\Words;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/**
 * A password that is none of the thirty thousand commonest, with or without figures behind it; the list comes with a
 * package.
 */
final class IsNoCommonPassword implements ValidationRule
{
    private const LIST = 'node_modules/@zxcvbn-ts/language-common/src/passwords.json';

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $password = is_string($value) ? mb_strtolower($value) : '';
        $bare = (string) preg_replace('/[\W\d_]+$/u', '', $password);
        $list = @file_get_contents(base_path(self::LIST));
        foreach (array_unique([$password, $bare]) as $word) {
            if (
                mb_strlen($word) > 3 && is_string($list) && str_contains($list, json_encode($word, JSON_THROW_ON_ERROR))
            ) {
                $fail(Words::of('crew/auth.errors.password-common'));

                return;
            }
        }
    }
}
