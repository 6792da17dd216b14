<?php

declare(strict_types=1);

namespace PluckyWren\Core\Stash\Preparation;

/**
 * Which task comes before which: a partial order, since a price under a bag is found too late and a picture in the bin
 * not at all.
 */
final class TaskOrder
{
    /** @var array<string, list<Task>> by a task, what must not be done before it */
    private const BEFORE = [
        'look-over' => [Task::Bag, Task::BagTwice, Task::Fold, Task::Roll],
        'check-parts' => [Task::Bag, Task::BagTwice, Task::Fill],
        'price-off' => [
            Task::Bag, Task::BagTwice, Task::Fold, Task::Fill, Task::MarkNotFood, Task::Cap, Task::Laminate, Task::Roll,
            Task::BandRound,
        ],
        'test' => [Task::TapeBatteries, Task::Bag, Task::BagTwice],
        'strip' => [Task::KeepPicture, Task::KeepInstructions, Task::CoverPoints],
        'keep-picture' => [Task::Bag, Task::BagTwice],
        'keep-instructions' => [Task::Bag, Task::BagTwice],
        'cap' => [Task::Bag, Task::BagTwice],
        'cover-points' => [Task::Bag, Task::BagTwice],
        'shorten-cord' => [Task::Bag, Task::BagTwice, Task::Fold],
        'tape-batteries' => [Task::Bag, Task::BagTwice],
        'mark-not-food' => [Task::Bag, Task::BagTwice],
        'cut-off' => [Task::Bag, Task::BagTwice, Task::Fold, Task::Roll, Task::CoverPoints, Task::Laminate],
        'shorten' => [Task::Bag, Task::BagTwice, Task::Fold, Task::Roll],
        'laminate' => [Task::Bag, Task::BagTwice, Task::Fill],
        'roll' => [Task::BandRound, Task::Bag, Task::Fill],
        'band-round' => [Task::Bag, Task::BagTwice],
        'fold' => [Task::TuckAway, Task::Bag, Task::BandRound],
        'bag' => [Task::Fill],
        'bag-twice' => [Task::Fill],
        'box-sound' => [Task::TapeCorners, Task::CoverPrint, Task::WrapBase, Task::WrapLid, Task::DecorateLid],
        'tape-corners' => [Task::CoverPrint, Task::WrapBase, Task::WrapLid],
        'cover-print' => [Task::WrapBase, Task::WrapLid],
        'wrap-lid' => [Task::DecorateLid],
    ];

    /**
     * Sort tasks so that none stands before one that it waits for; those that wait for nothing keep the order of the
     * list of tasks.
     *
     * @param  list<Task>  $tasks
     * @return list<Task>
     *
     * @throws TasksInACircle
     */
    public static function sorted(array $tasks): array
    {
        $left = array_values(
            array_filter(Task::cases(), static fn (Task $task): bool => in_array($task, $tasks, true)),
        );
        $sorted = [];
        while ($left !== []) {
            foreach ($left as $index => $task) {
                if (self::waitsFor($task, $left) === []) {
                    $sorted[] = $task;
                    unset($left[$index]);
                    $left = array_values($left);

                    continue 2;
                }
            }
            throw TasksInACircle::among($left);
        }

        return $sorted;
    }

    /**
     * What of $open has to be done before a task.
     *
     * @param  list<Task>  $open
     * @return list<Task>
     */
    public static function waitsFor(Task $task, array $open): array
    {
        return array_values(
            array_filter(
                $open,
                static fn (Task $earlier): bool => in_array($task, self::BEFORE[$earlier->value] ?? [], true),
            ),
        );
    }

    /**
     * Tasks that were done too early: one before them is still open.
     *
     * @param  list<Task>  $tasks  all of a piece
     * @param  list<Task>  $done
     * @return list<array{Task, list<Task>}> each with what should have come first
     */
    public static function doneTooEarly(array $tasks, array $done): array
    {
        $open = array_values(array_filter($tasks, static fn (Task $task): bool => ! in_array($task, $done, true)));
        $early = [];
        foreach ($done as $task) {
            $missed = self::waitsFor($task, $open);
            if ($missed !== []) {
                $early[] = [$task, $missed];
            }
        }

        return $early;
    }
}
