<?php

declare(strict_types=1);

namespace App\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use PluckyWren\Core\Stash\Preparation\Habits;

/** @implements CastsAttributes<Habits, Habits> */
final class AsHabits implements CastsAttributes, OfOneColumn
{
    public function get(Model $model, string $key, mixed $value, array $attributes): Habits
    {
        $stored = is_string($value) ? json_decode($value, true, 2, JSON_THROW_ON_ERROR) : [];
        $is = static fn (string $name, bool $otherwise): bool => is_array($stored) && is_bool($stored[$name] ?? null)
            ? $stored[$name]
            : $otherwise;

        return new Habits(
            $is('bagsPuzzles', true),
            $is('stripsPackaging', true),
            $is('sendsPhotos', false),
            $is('callsTheRoll', true),
        );
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return json_encode($value ?? new Habits, JSON_THROW_ON_ERROR);
    }
}
