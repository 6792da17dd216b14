<?php

declare(strict_types=1);

namespace App\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use PluckyWren\Core\Measure\Size;

/**
 * Three columns of tenths of a millimetre as one size: `size:own_` is kept in `own_length_tenths` and so on.
 *
 * @implements CastsAttributes<Size, Size>
 */
final readonly class AsSize implements CastsAttributes, OfSeveralColumns
{
    public function __construct(private string $prefix = '') {}

    public static function decisive(string $key, string $arguments): string
    {
        return "{$arguments}length_tenths";
    }

    public function get(Model $model, string $key, mixed $value, array $attributes): ?Size
    {
        $sides = array_map(
            fn (string $side): mixed => $attributes["{$this->prefix}{$side}_tenths"] ?? null,
            ['length', 'width', 'height'],
        );

        return is_numeric($sides[0]) && is_numeric($sides[1]) && is_numeric($sides[2])
            ? new Size((int) $sides[0], (int) $sides[1], (int) $sides[2])
            : null;
    }

    /** @return array<string, int|null> */
    public function set(Model $model, string $key, mixed $value, array $attributes): array
    {
        return [
            "{$this->prefix}length_tenths" => $value?->length,
            "{$this->prefix}width_tenths" => $value?->width,
            "{$this->prefix}height_tenths" => $value?->height,
        ];
    }
}
