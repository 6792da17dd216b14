<?php

declare(strict_types=1);

namespace App\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use PluckyWren\Core\Box\Packing\PackingWish;
use PluckyWren\Core\Box\Packing\WishFields;
use PluckyWren\Core\Fit\Files\Fields;
use PluckyWren\Core\Fit\Files\MalformedFile;

/**
 * What can no longer be read is as good as no wish.
 *
 * @implements CastsAttributes<PackingWish, PackingWish>
 */
final class AsPackingWish implements CastsAttributes, OfOneColumn
{
    public function get(Model $model, string $key, mixed $value, array $attributes): PackingWish
    {
        if (! is_string($value) || $value === '{}') {
            return new PackingWish;
        }
        try {
            return WishFields::read(Fields::ofJson($value, 'pieces'));
        } catch (MalformedFile) {
            return new PackingWish;
        }
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        $fields = $value instanceof PackingWish ? WishFields::write($value) : [];

        return json_encode((object) $fields, JSON_THROW_ON_ERROR);
    }
}
