<?php

declare(strict_types=1);

namespace App\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use PluckyWren\Core\Stash\ItemTrait;

/** @implements CastsAttributes<list<ItemTrait>, list<ItemTrait>> */
final class AsTraits implements CastsAttributes, OfOneColumn
{
    /** @return list<ItemTrait> */
    public function get(Model $model, string $key, mixed $value, array $attributes): array
    {
        $stored = is_string($value) ? json_decode($value, true, 2, JSON_THROW_ON_ERROR) : [];

        return array_values(array_filter(array_map(
            static fn (mixed $trait): ?ItemTrait => is_string($trait) ? ItemTrait::tryFrom($trait) : null,
            is_array($stored) ? $stored : [],
        )));
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return json_encode(
            array_map(static fn (ItemTrait $trait): string => $trait->value, $value ?? []),
            JSON_THROW_ON_ERROR,
        );
    }
}
