<?php

declare(strict_types=1);

namespace App\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use PluckyWren\Core\Stash\Preparation\Prepared;

/** @implements CastsAttributes<Prepared, Prepared> */
final class AsPrepared implements CastsAttributes, OfOneColumn
{
    public function get(Model $model, string $key, mixed $value, array $attributes): Prepared
    {
        $stored = is_string($value) && $value !== '[]' ? json_decode($value, true, 5, JSON_THROW_ON_ERROR) : [];

        return Prepared::ofData(is_array($stored) ? $stored : []);
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return json_encode($value?->data() ?? [], JSON_THROW_ON_ERROR);
    }
}
