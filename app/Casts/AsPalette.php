<?php

declare(strict_types=1);

namespace App\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use PluckyWren\Core\Colour\Palette;

/** @implements CastsAttributes<Palette, Palette> */
final class AsPalette implements CastsAttributes, OfOneColumn
{
    public function get(Model $model, string $key, mixed $value, array $attributes): Palette
    {
        $hexes = is_string($value) ? json_decode($value, true, 2, JSON_THROW_ON_ERROR) : [];

        return Palette::ofHexes(array_values(array_filter(is_array($hexes) ? $hexes : [], is_string(...))));
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return json_encode($value?->hexes() ?? [], JSON_THROW_ON_ERROR);
    }
}
