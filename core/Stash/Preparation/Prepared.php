<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Preparation;

/**
 * What was done to some pieces of one lot: so many with this done, so many with that. It goes along with the pieces,
 * whichever box they are in; pieces that are not told of have had nothing done.
 *
 * @phpstan-type PreparedData list<array{pieces: int, tasks: list<string>}>
 */
final readonly class Prepared
{
    /** @param list<array{int, non-empty-list<Task>}> $groups how many pieces with what done, the most done first */
    public function __construct(public array $groups = []) {}

    public static function nothing(): self
    {
        return new self;
    }

    /** @param list<Task> $tasks done to each of so many pieces */
    public static function all(int $pieces, array $tasks): self
    {
        return self::ofGroups([[$pieces, $tasks]]);
    }

    /**
     * Read what was stored; what is no task any more is passed over.
     *
     * @param  array<mixed>  $data  as `data` gives it
     */
    public static function ofData(array $data): self
    {
        $groups = [];
        foreach ($data as $group) {
            if (is_array($group) && is_int($group['pieces'] ?? null) && is_array($group['tasks'] ?? null)) {
                $tasks = array_map(
                    static fn (mixed $task): ?Task => is_string($task) ? Task::tryFrom($task) : null,
                    $group['tasks'],
                );
                $groups[] = [$group['pieces'], array_values(array_filter($tasks))];
            }
        }

        return self::ofGroups($groups);
    }

    /** @return PreparedData */
    public function data(): array
    {
        return array_map(
            static fn (array $group): array => ['pieces' => $group[0], 'tasks' => array_column($group[1], 'value')],
            $this->groups,
        );
    }

    public function isNothing(): bool
    {
        return $this->groups === [];
    }

    /** To how many pieces a task was done. */
    public function countOf(Task $task): int
    {
        return array_sum(array_map(
            static fn (array $group): int => in_array($task, $group[1], true) ? $group[0] : 0,
            $this->groups,
        ));
    }

    /** @return list<Task> what was done to every one of so many pieces */
    public function doneToAll(int $pieces): array
    {
        return array_values(array_filter($this->tasks(), fn (Task $task): bool => $this->countOf($task) >= $pieces));
    }

    /** @return list<Task> what was done to any of them */
    public function tasks(): array
    {
        $tasks = [];
        foreach ($this->groups as [, $done]) {
            foreach ($done as $task) {
                $tasks[$task->value] = $task;
            }
        }

        return array_values($tasks);
    }

    /** The same with a task done to every one of so many pieces. */
    public function with(Task $task, int $pieces): self
    {
        $rest = $pieces - array_sum(array_column($this->groups, 0));

        return self::ofGroups(array_map(
            static fn (array $group): array => [$group[0], [...$group[1], $task]],
            [...$this->groups, [max(0, $rest), []]],
        ));
    }

    /** The same with a task done to none. */
    public function without(Task $task): self
    {
        return self::ofGroups(array_map(static fn (array $group): array => [
            $group[0],
            array_values(array_filter($group[1], static fn (Task $one): bool => $one !== $task)),
        ], $this->groups));
    }

    /** What was done to the so many pieces that most was done to. */
    public function best(int $pieces): self
    {
        $best = [];
        foreach ($this->groups as [$count, $tasks]) {
            $best[] = [min($count, $pieces), $tasks];
            $pieces -= min($count, $pieces);
        }

        return self::ofGroups($best);
    }

    public function plus(self $other): self
    {
        return self::ofGroups([...$this->groups, ...$other->groups]);
    }

    /** What is left where pieces with that done go; what is not there cannot go. */
    public function minus(self $other): self
    {
        $left = [];
        foreach ($this->groups as [$count, $tasks]) {
            $left[self::key($tasks)] = [$count, $tasks];
        }
        foreach ($other->groups as [$count, $tasks]) {
            $key = self::key($tasks);
            $left[$key] = [max(0, ($left[$key][0] ?? 0) - $count), $tasks];
        }

        return self::ofGroups(array_values($left));
    }

    /** @param list<array{int, list<Task>}> $groups */
    private static function ofGroups(array $groups): self
    {
        $joined = [];
        foreach ($groups as [$pieces, $tasks]) {
            $sorted = array_values(
                array_filter(Task::cases(), static fn (Task $task): bool => in_array($task, $tasks, true)),
            );
            if ($pieces > 0 && $sorted !== []) {
                $key = self::key($sorted);
                $joined[$key] = [$pieces + ($joined[$key][0] ?? 0), $sorted];
            }
        }
        uksort($joined, static fn (string $one, string $other): int => [
            count($joined[$other][1]), $one,
        ] <=> [count($joined[$one][1]), $other]);

        return new self(array_values($joined));
    }

    /** @param list<Task> $tasks */
    private static function key(array $tasks): string
    {
        return implode(',', array_column($tasks, 'value'));
    }
}
