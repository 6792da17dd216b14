<?php

declare(strict_types=1);

namespace App\Http\Controllers\Crew;

use App\Actions\TickShopping;
use App\Actions\TickTask;
use App\Crews\CrewInHand;
use App\Http\Requests\Gather\TickRequest;
use App\Http\Requests\Pack\TaskTickRequest;
use App\Models\Crew;
use App\Models\HelperLink;
use App\Pages\Gather\Prices;
use App\Pages\Gather\ShoppingPage;
use App\Pages\Gather\Shortfall;
use App\Pages\Pack\EveningPage;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** What whoever has a helper's link sees: one list of the crew, to look and to tick, and nothing else. */
final readonly class HelperController
{
    public function __construct(private CrewInHand $crews) {}

    public function show(string $token): View
    {
        [$link, $crew] = $this->opened($token);

        return $link->shows === 'evening'
            ? view('crew.helper-evening', ['page' => EveningPage::of([], []), 'crew' => $crew, 'token' => $token])
            : view('crew.helper-shopping', [
                'page' => ShoppingPage::of(resolve(Shortfall::class), resolve(Prices::class), $crew),
                'crew' => $crew, 'token' => $token,
            ]);
    }

    public function tick(TickRequest $request, string $token, TickShopping $tickShopping): RedirectResponse
    {
        [$link] = $this->opened($token);
        $link->shows === 'shopping' || abort(404);
        $name = mb_substr(trim($request->string('name')->value()), 0, 40);
        $tickShopping->execute(
            $request->kind(),
            $request->isInBasket(),
            $name === '' ? Words::of('crew/people.a-helper') : $name,
        );
        $request->session()->put('helper.name', $name);

        return to_route('helper', $token, 303);
    }

    public function task(TaskTickRequest $request, string $token, TickTask $tickTask): RedirectResponse
    {
        [$link] = $this->opened($token);
        $link->shows === 'evening' || abort(404);
        [$piece, $task] = [$request->piece(), $request->task()];
        $tickTask->ofPiece($piece, $task, $request->isDone());
        $said = Words::of($request->isDone() ? 'crew/people.task-done' : 'crew/people.task-open', [
            'task' => ucfirst(Words::of("pack/tasks.name.{$task->value}")), 'name' => $piece->planned()->name,
        ]);

        return to_route('helper', $token, 303)->with($request->isDone()
            ? ['ticked' => ['piece' => $piece->id, 'task' => $task->value, 'said' => $said]]
            : ['said' => $said]);
    }

    /** @return array{HelperLink, Crew} from here on the crew of the link is in hand, whoever is signed in */
    private function opened(string $token): array
    {
        $link = HelperLink::ofToken($token) ?? abort(404);
        $crew = Crew::query()->findOrFail($link->crew_id);
        $this->crews->lend($crew);

        return [$link, $crew];
    }
}
