<?php

declare(strict_types=1);

namespace App\Rules;

use App\Words\WhyWords;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use PluckyWren\Core\Measure\InvalidLength;
use PluckyWren\Core\Measure\Length;

/** A length as people type it; what is wrong is said by the core, which reads it. */
final class ReadsAsLength implements ValidationRule
{
    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        try {
            Length::parse(is_string($value) ? $value : '');
        } catch (InvalidLength $wrong) {
            $fail(WhyWords::of($wrong));
        }
    }
}
