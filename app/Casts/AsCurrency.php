<?php

declare(strict_types=1);

namespace App\Casts;

use App\Reference\Notations;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use PluckyWren\Core\Money\Currency;

/** @implements CastsAttributes<Currency, Currency> */
final class AsCurrency implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): ?Currency
    {
        return is_string($value) ? Currency::of($value, resolve(Notations::class)->inHand()) : null;
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return $value?->code;
    }
}
