<?php

declare(strict_types=1);

namespace App\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use PluckyWren\Core\Stash\Preparation\Task;

/** @implements CastsAttributes<list<Task>, list<Task>> */
final class AsTasks implements CastsAttributes, OfOneColumn
{
    /** @return list<Task> */
    public function get(Model $model, string $key, mixed $value, array $attributes): array
    {
        $stored = is_string($value) ? json_decode($value, true, 2, JSON_THROW_ON_ERROR) : [];

        return array_values(
            array_filter(
                array_map(
                    static fn (mixed $task): ?Task => is_string($task) ? Task::tryFrom($task) : null,
                    is_array($stored) ? $stored : [],
                ),
            ),
        );
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return json_encode(
            array_map(static fn (Task $task): string => $task->value, $value ?? []),
            JSON_THROW_ON_ERROR,
        );
    }
}
