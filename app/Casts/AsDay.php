<?php

declare(strict_types=1);

namespace App\Casts;

use Carbon\CarbonImmutable;
use DateTimeInterface;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * A day without an hour, so that days compare as texts in the database.
 *
 * @implements CastsAttributes<CarbonImmutable, DateTimeInterface|string>
 */
final class AsDay implements CastsAttributes, OfOneColumn
{
    public function get(Model $model, string $key, mixed $value, array $attributes): ?CarbonImmutable
    {
        return is_string($value) ? CarbonImmutable::parse($value)->startOfDay() : null;
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return match (true) {
            $value instanceof DateTimeInterface => $value->format('Y-m-d'),
            default => is_string($value) ? CarbonImmutable::parse($value)->toDateString() : null,
        };
    }
}
