<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pack;

use App\Actions\TickTask;
use App\Http\Responses\SheetResponse;
use App\Models\Box;
use App\Models\Piece;
use App\Support\Texts;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use PluckyWren\Core\Stash\Preparation\Task;

/** What is done to a piece or to the box itself, ticked off one by one. */
final readonly class TaskController
{
    public function __construct(private TickTask $tickTask) {}

    public function piece(Request $request, Piece $piece, Task $task): SheetResponse|RedirectResponse
    {
        $missed = $this->tickTask->ofPiece($piece, $task, $request->boolean('done'));

        return $this->answer($request, $piece->box, $task, $missed);
    }

    /** Say what else is to be done to a piece, or that something is not needed here. */
    public function work(Request $request, Piece $piece): RedirectResponse
    {
        $request->validate(
            ['task' => ['required', Rule::in(array_column(Task::ofPieces(), 'value'))]],
            ['*' => Words::of('plan/boxes.errors.in')],
        );
        $task = Task::from($request->string('task')->value());
        $isNeeded = $request->boolean('needed');
        $this->tickTask->isNeeded($piece, $task, $isNeeded);

        return back(303)->with('said', Words::of($isNeeded ? 'pack/tasks.added' : 'pack/tasks.left-off', [
            'task' => Words::of("pack/tasks.name.{$task->value}"),
        ]));
    }

    public function box(Request $request, Box $box, Task $task): SheetResponse|RedirectResponse
    {
        $missed = $this->tickTask->ofBox($box, $task, $request->boolean('done'));

        return $this->answer($request, $box, $task, $missed);
    }

    /** Tick one task off for many pieces at once, as an evening's work does; only those that were shown. */
    public function several(Request $request, Task $task): RedirectResponse
    {
        $ids = Texts::of($request->input('pieces'));
        $pieces = Piece::query()->findMany($ids);
        $ids !== [] && count($pieces) === count(array_unique($ids)) || abort(404);
        $this->tickTask->ofPieces($pieces, $task);

        return back(303, [], route('evening'))->with(
            'said',
            trans_choice('pack/tasks.all-done', count($pieces), [
                'task' => Words::of("pack/tasks.name.{$task->value}"),
            ]),
        );
    }

    /** @param list<Task> $missed */
    private function answer(Request $request, Box $box, Task $task, array $missed): SheetResponse|RedirectResponse
    {
        $name = Words::of("pack/tasks.name.{$task->value}");
        $said = match (true) {
            ! $request->boolean('done') => Words::of('pack/tasks.open-again', ['task' => $name]),
            $missed !== [] => Words::of('pack/tasks.too-early', [
                'task' => $name,
                'missed' => implode(
                    ', ',
                    array_map(static fn (Task $other): string => Words::of("pack/tasks.name.{$other->value}"), $missed),
                ),
            ]),
            default => Words::of('pack/tasks.done', ['task' => $name]),
        };

        return $request->input('from') === 'list'
            ? back(303)->with('said', $said)
            : SheetResponse::changed($box, $said);
    }
}
