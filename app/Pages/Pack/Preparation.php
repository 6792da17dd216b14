<?php

declare(strict_types=1);

namespace App\Pages\Pack;

use App\Models\Box;
use App\Models\Piece;
use PluckyWren\Core\Stash\Preparation\Task;
use PluckyWren\Core\Stash\Preparation\TaskOrder;

/** What is to be done to boxes and their pieces, one line a task and piece. */
final readonly class Preparation
{
    /** @param list<Box> $boxes with `pieces.lot` loaded */
    public function __construct(public array $boxes) {}

    /**
     * @return list<array{Piece, list<array{Task, bool}>}> pieces of a box with their tasks and whether each is done, in
     *     the order of the lanes
     */
    public function piecesOf(Box $box): array
    {
        $rows = [];
        foreach ($box->contents() as $piece) {
            $piece->setRelation('box', $box);
            $tasks = array_map(
                static fn (Task $task): array => [$task, in_array($task, $piece->done, true)],
                $piece->tasks(),
            );
            if ($tasks !== []) {
                $rows[] = [$piece, $tasks];
            }
        }

        return $rows;
    }

    /**
     * @return list<array{Task, list<Task>}> tasks of a piece that were done before what should have come first, and
     *     that
     */
    public function doneTooEarly(Piece $piece): array
    {
        return TaskOrder::doneTooEarly($piece->tasks(), $piece->done);
    }

    /**
     * @return array<string, list<Piece>> what is still open over all boxes, by the task, in an order in which the tasks
     *     can be done
     */
    public function evening(): array
    {
        $byTask = array_fill_keys(array_map(static fn (Task $task): string => $task->value, Task::cases()), []);
        foreach ($this->boxes as $box) {
            foreach ($this->piecesOf($box) as [$piece, $tasks]) {
                foreach ($tasks as [$task, $isDone]) {
                    $byTask[$task->value] = $isDone ? $byTask[$task->value] : [...$byTask[$task->value], $piece];
                }
            }
        }

        return array_filter($byTask, static fn (array $pieces): bool => $pieces !== []);
    }

    /** Get how many tasks of a box are still open, its own and its pieces'. */
    public function openOf(Box $box): int
    {
        $open = count(
            array_filter(Task::ofTheBox(), static fn (Task $task): bool => ! in_array($task, $box->done, true)),
        );
        foreach ($this->piecesOf($box) as [, $tasks]) {
            $open += count(array_filter($tasks, static fn (array $task): bool => ! $task[1]));
        }

        return $open;
    }
}
