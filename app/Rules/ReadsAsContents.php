<?php

declare(strict_types=1);

namespace App\Rules;

use App\Words\Contents;
use App\Words\Words;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** What a kit holds, one kind a line. */
final class ReadsAsContents implements ValidationRule
{
    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $read = Contents::read(is_string($value) ? $value : '');
        if (is_string($read)) {
            $fail(Words::of('stash.errors.holds', ['line' => mb_strimwidth($read, 0, 40, '…')]));
        }
    }
}
