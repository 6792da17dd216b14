<?php

declare(strict_types=1);

namespace App\Casts;

use App\Crews\CrewInHand;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use PluckyWren\Core\Money\Currency;

/** @implements CastsAttributes<Currency, Currency> */
final class AsCurrency implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): ?Currency
    {
        return is_string($value) ? Currency::of($value, resolve(CrewInHand::class)->notation()) : null;
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return $value?->code;
    }
}
