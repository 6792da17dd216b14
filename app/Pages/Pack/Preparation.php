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
    /** From so many pieces on, what is to be done to each is offered to be ticked at one go. */
    private const SEVERAL = 3;

    /** @param list<Box> $boxes with `pieces.lot` loaded */
    public function __construct(public array $boxes) {}

    /**
     * @return list<array{Piece, list<array{Task, bool, int|null}>}> pieces of a box with their tasks, whether each is
     *     done, and to how many where it is done to some; in the order of the lanes
     */
    public function piecesOf(Box $box): array
    {
        $rows = [];
        foreach ($box->contents() as $piece) {
            $piece->setRelation('box', $box);
            $work = $piece->preparation();
            $tasks = array_map(
                static fn (Task $task): array => [$task, $work->isDone($task), $work->someOf($task)],
                $work->tasks,
            );
            if (! $piece->isToBuy()) {
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
        $work = $piece->preparation();

        return TaskOrder::doneTooEarly($work->tasks, $work->done);
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

    /** @return array<string, list<Piece>> of what is still open, what is to be done to several pieces, by the task */
    public function atOneGo(): array
    {
        return array_filter($this->evening(), static fn (array $pieces): bool => count($pieces) >= self::SEVERAL);
    }

    /** @return list<Task> what can be added to the work at a piece */
    public function toAdd(Piece $piece): array
    {
        $tasks = $piece->preparation()->tasks;
        $toAdd = array_filter(Task::toAdd(), static fn (Task $task): bool => ! in_array($task, $tasks, true));

        return array_values(array_unique([...$piece->work->notNeeded, ...$toAdd], SORT_REGULAR));
    }

    /** @return list<Task> what is done to the box itself */
    public function ofTheBox(Box $box): array
    {
        return Task::ofTheBox($box->boxKind()->isTub);
    }

    /** Get how many tasks of a box are still open, its own and its pieces'. */
    public function openOf(Box $box): int
    {
        $open = count(
            array_filter($this->ofTheBox($box), static fn (Task $task): bool => ! in_array($task, $box->done, true)),
        );
        foreach ($this->piecesOf($box) as [, $tasks]) {
            $open += count(array_filter($tasks, static fn (array $task): bool => ! $task[1]));
        }

        return $open;
    }
}
