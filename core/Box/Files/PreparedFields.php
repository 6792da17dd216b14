<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Files;

use PluckyWren\Core\Box\PlannedPiece;
use PluckyWren\Core\Fit\Files\Fields;
use PluckyWren\Core\Fit\Files\MalformedFile;
use PluckyWren\Core\Stash\Preparation\Prepared;
use PluckyWren\Core\Stash\Preparation\Task;
use PluckyWren\Core\Stash\Preparation\TaskChoices;

/** What was done to a piece of the box file, and what is to be done to it beside the usual, or not. */
final readonly class PreparedFields
{
    /**
     * Read what was done to all of them, or to so many of them each.
     *
     * @param  int  $quantity  how many of the piece there are
     *
     * @throws MalformedFile
     */
    public static function read(Fields $fields, int $quantity): Prepared
    {
        $prepared = $fields->has('done')
            ? Prepared::all($quantity, $fields->choices('done', Task::class))
            : new Prepared;
        foreach ($fields->has('doneToSome') ? $fields->objects('doneToSome') : [] as $group) {
            $prepared = $prepared->plus(Prepared::all(
                $group->whole('pieces', 1, $quantity),
                $group->choices('tasks', Task::class),
            ));
            $group->nothingElse();
        }
        array_sum(array_column($prepared->groups, 0)) <= $quantity
            || $fields->refuse('doneToSome', 'tells of more pieces than there are');

        return $prepared;
    }

    /** @throws MalformedFile */
    public static function tasks(Fields $fields): TaskChoices
    {
        return new TaskChoices(
            $fields->has('alsoToDo') ? $fields->choices('alsoToDo', Task::class) : [],
            $fields->has('notToDo') ? $fields->choices('notToDo', Task::class) : [],
        );
    }

    /** @return array<string, mixed> null where there is nothing to tell */
    public static function write(PlannedPiece $piece): array
    {
        $all = $piece->prepared->doneToAll($piece->quantity);
        $isSame = $piece->prepared->isNothing() || $piece->prepared == Prepared::all($piece->quantity, $all);
        $tasks = $piece->choices->tasks;

        return [
            'done' => $isSame && $all !== [] ? array_column($all, 'value') : null,
            'doneToSome' => $isSame ? null : $piece->prepared->data(),
            'alsoToDo' => $tasks->added === [] ? null : array_column($tasks->added, 'value'),
            'notToDo' => $tasks->notNeeded === [] ? null : array_column($tasks->notNeeded, 'value'),
        ];
    }
}
