<?php

declare(strict_types=1);

namespace App\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use PluckyWren\Core\Stash\Preparation\Task;
use PluckyWren\Core\Stash\Preparation\TaskChoices;

/** @implements CastsAttributes<TaskChoices, TaskChoices> */
final class AsTaskChoices implements CastsAttributes, OfOneColumn
{
    public function get(Model $model, string $key, mixed $value, array $attributes): TaskChoices
    {
        if (! is_string($value) || $value === '{}') {
            return new TaskChoices;
        }
        /** @var array<string, list<string>> $stored */
        $stored = json_decode($value, true, 3, JSON_THROW_ON_ERROR);
        $tasks = static fn (string $key): array => array_values(
            array_filter(array_map(Task::tryFrom(...), $stored[$key] ?? [])),
        );

        return new TaskChoices($tasks('added'), $tasks('notNeeded'));
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return json_encode((object) array_filter([
            'added' => array_column($value->added ?? [], 'value'),
            'notNeeded' => array_column($value->notNeeded ?? [], 'value'),
        ]), JSON_THROW_ON_ERROR);
    }
}
