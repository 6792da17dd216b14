<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Actions\KeepIdea;
use App\Http\Requests\Plan\IdeaRequest;
use App\Http\Requests\Plan\QuantityRequest;
use App\Models\Idea;
use App\Models\Lot;
use App\Models\User;
use App\Pages\Plan\IdeaPage;
use App\Reference\Themes;
use App\Words\WhyWords;
use App\Words\Words;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use PluckyWren\Core\Colour\ColourNames;
use PluckyWren\Core\Stash\NotEnoughLeft;

/** Themes for which there is no box yet: things are held for them over months, and others wished. */
final readonly class IdeaController
{
    public function __construct(private KeepIdea $keepIdea, private Themes $themes, private ColourNames $colourNames) {}

    public function index(): View
    {
        return view('plan.ideas', ['ideas' => Idea::query()->with('things')->orderBy('name')->get()]);
    }

    public function create(Request $request): View
    {
        $seed = Lot::query()->find($request->string('seed')->value());

        return view('plan.idea-form', [
            'idea' => IdeaPage::proposed($seed, $this->themes), 'seed' => $seed,
            'swatches' => $this->colourNames->all(),
        ]);
    }

    public function store(IdeaRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        $seed = Lot::query()->find($request->string('seed')->value());
        $idea = $this->keepIdea->begin($user->crew, $request->said(), $seed);

        return to_route('ideas.show', $idea, 303)->with('said', Words::of('plan/ideas.begun', ['name' => $idea->name]));
    }

    public function show(Idea $idea): View
    {
        return view('plan.idea', [
            'page' => IdeaPage::of($idea, $this->themes), 'swatches' => $this->colourNames->all(),
        ]);
    }

    public function update(IdeaRequest $request, Idea $idea): RedirectResponse
    {
        $this->keepIdea->change($idea, $request->said());

        return to_route('ideas.show', $idea, 303)->with('said', Words::of('plan/ideas.saved'));
    }

    public function destroy(Idea $idea): RedirectResponse
    {
        $this->keepIdea->drop($idea);

        return to_route('ideas', [], 303)->with('said', Words::of('plan/ideas.dropped', ['name' => $idea->name]));
    }

    public function hold(QuantityRequest $request, Idea $idea): RedirectResponse
    {
        $lot = Lot::query()->findOrFail($request->string('lot')->value());
        Gate::authorize('update', $lot);
        try {
            $this->keepIdea->hold($idea, $lot, $request->integer('quantity'));
        } catch (NotEnoughLeft $why) {
            return back(303)->withErrors(['hold' => WhyWords::of($why)]);
        }

        return to_route('ideas.show', $idea, 303)
            ->with('said', Words::of('plan/ideas.is-held', ['name' => $lot->name]));
    }

    public function letGo(Request $request, Idea $idea): RedirectResponse
    {
        $this->keepIdea->letGo($idea, $request->string('lot')->value());

        return to_route('ideas.show', $idea, 303)->with('said', Words::of('plan/ideas.let-go'));
    }
}
