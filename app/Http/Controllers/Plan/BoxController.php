<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Actions\BoxHistory;
use App\Actions\ChangeBox;
use App\Actions\PlanBox;
use App\Http\Requests\Plan\BoxRequest;
use App\Http\Responses\SheetResponse;
use App\Models\Box;
use App\Models\Idea;
use App\Models\LeftBehind;
use App\Models\Lot;
use App\Models\User;
use App\Reference\Guides;
use App\Refusals\ChangedMeanwhile;
use App\Support\Texts;
use App\Words\Words;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use PluckyWren\Core\Box\BoxKinds;
use PluckyWren\Core\Box\Carton;
use PluckyWren\Core\Colour\ColourNames;
use PluckyWren\Core\Guide\Guide;

final readonly class BoxController
{
    public function __construct(private Guides $guides, private BoxKinds $boxKinds, private ColourNames $colourNames) {}

    public function create(Request $request): View
    {
        $idea = Idea::query()->find($request->string('idea')->value());
        $box = $idea === null ? new Box : new Box(['theme' => $idea->name, 'palette' => $idea->palette]);

        return $this->form($box, $this->guides->current(), $idea);
    }

    public function store(BoxRequest $request, PlanBox $planBox, #[CurrentUser] User $user): RedirectResponse
    {
        $box = $planBox->execute(
            $user->crew,
            $request->described(new Box),
            $request->boolean('from_guide'),
            Texts::of($request->input('left')),
            Idea::query()->find($request->string('idea')->value()),
        );

        return to_route('boxes.show', $box)->with('said', Words::of('plan/boxes.planned', ['theme' => $box->theme]));
    }

    public function show(Box $box): SheetResponse
    {
        return SheetResponse::shown($box);
    }

    public function edit(Box $box): View
    {
        $box->refuseIfHandedIn();

        return $this->form($box, $this->guides->get($box->guide));
    }

    public function update(BoxRequest $request, Box $box, ChangeBox $changeBox, BoxHistory $history): RedirectResponse
    {
        try {
            $changeBox->edit(
                $box,
                $request->described(...),
                $request->string('was')->value(),
                $request->input('meanwhile') === 'theirs',
            );
        } catch (ChangedMeanwhile $why) {
            return back(303)->withInput()->with('meanwhile', $why->getMessage());
        }

        return to_route('boxes.show', $box)
            ->with('said', Words::of('plan/boxes.changed'))
            ->with('undo', $history->undoAddress());
    }

    public function destroy(Box $box, ChangeBox $changeBox, BoxHistory $history): RedirectResponse
    {
        $changeBox->drop($box);

        return to_route('shelf')
            ->with('said', Words::of('plan/boxes.removed', ['theme' => $box->theme]))
            ->with('undo', $history->undoAddress());
    }

    private function form(Box $box, Guide $guide, ?Idea $idea = null): View
    {
        return view('plan.form', [
            'box' => $box,
            'idea' => $idea,
            'guide' => $guide,
            'boxKinds' => $this->boxKinds->all(),
            'swatches' => collect($this->colourNames->all()),
            'carton' => new Carton($guide->terms->carton),
            'was' => $box->exists ? ChangeBox::prints($box) : '',
            'hasStash' => Lot::query()->exists(),
            'leftBehind' => LeftBehind::query()->with('lot')->orderBy('id')->get(),
        ]);
    }
}
