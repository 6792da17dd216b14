<?php

declare(strict_types=1);

namespace App\Rules;

use App\Words\WhyWords;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\InvalidMoney;
use PluckyWren\Core\Money\Target\TargetAmount;

/** A target as people type it; what is wrong is said by the core, which reads it. */
final readonly class ReadsAsTarget implements ValidationRule
{
    public function __construct(private Currency $currency) {}

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        try {
            TargetAmount::parse(is_string($value) ? $value : '', $this->currency);
        } catch (InvalidMoney $wrong) {
            $fail(WhyWords::of($wrong));
        }
    }
}
