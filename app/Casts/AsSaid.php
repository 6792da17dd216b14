<?php

declare(strict_types=1);

namespace App\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use PluckyWren\Core\Stash\Said;
use PluckyWren\Core\Stash\SaidFields;

/**
 * @phpstan-import-type SaidData from SaidFields
 *
 * @implements CastsAttributes<Said, Said>
 */
final class AsSaid implements CastsAttributes, OfOneColumn
{
    public function get(Model $model, string $key, mixed $value, array $attributes): Said
    {
        /** @var SaidData $data */
        $data = is_string($value) ? json_decode($value, true, 4, JSON_THROW_ON_ERROR) : [];

        return SaidFields::read($data);
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return json_encode(SaidFields::written($value ?? new Said), JSON_THROW_ON_ERROR);
    }
}
