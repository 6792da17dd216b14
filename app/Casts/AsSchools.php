<?php

declare(strict_types=1);

namespace App\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use PluckyWren\Core\Stash\Preparation\Schools;

/** @implements CastsAttributes<Schools, Schools> */
final class AsSchools implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): Schools
    {
        $stored = is_string($value) ? json_decode($value, true, 2, JSON_THROW_ON_ERROR) : [];
        $is = static fn (string $name, bool $otherwise): bool => is_array($stored) && is_bool($stored[$name] ?? null)
            ? $stored[$name]
            : $otherwise;

        return new Schools($is('bagsPuzzles', true), $is('stripsPackaging', true), $is('sendsPhotos', false));
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return json_encode($value ?? new Schools, JSON_THROW_ON_ERROR);
    }
}
