<?php

declare(strict_types=1);

namespace App\Casts;

use App\Crews\CrewInHand;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use PluckyWren\Core\Money\Currency;
use PluckyWren\Core\Money\Money;

/**
 * A column of minor units and the row's currency, read as one amount: `budget` is kept in `budget_minor`.
 *
 * @implements CastsAttributes<Money, Money>
 */
final class AsMoney implements CastsAttributes, OfSeveralColumns
{
    public static function decisive(string $key, string $arguments): string
    {
        return "{$key}_minor";
    }

    public function get(Model $model, string $key, mixed $value, array $attributes): ?Money
    {
        $minor = $attributes["{$key}_minor"] ?? null;
        $currency = $attributes['currency'] ?? null;

        return is_numeric($minor) && is_string($currency)
            ? new Money((int) $minor, Currency::of($currency, resolve(CrewInHand::class)->notation()))
            : null;
    }

    /** @return array<string, int|string|null> */
    public function set(Model $model, string $key, mixed $value, array $attributes): array
    {
        return $value === null
            ? ["{$key}_minor" => null]
            : ["{$key}_minor" => $value->minor, 'currency' => $value->currency->code];
    }
}
