<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pack;

use App\Actions\CallTheRoll;
use App\Actions\FillBox;
use App\Http\Requests\Pack\MeasuredRequest;
use App\Http\Responses\PageOrFragment;
use App\Models\Box;
use App\Models\Lot;
use App\Models\Piece;
use App\Pages\Pack\RollCall;
use App\Refusals\CannotChangeBox;
use App\Refusals\ChangedMeanwhile;
use App\Words\WhyWords;
use App\Words\Words;
use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use PluckyWren\Core\Box\Stage;
use PluckyWren\Core\Stash\NotEnoughLeft;

/** The roll call: everything for the boxes that are ready, laid out on the table before the first step. */
final readonly class RollCallController
{
    public function __construct(private CallTheRoll $callTheRoll, private FillBox $fillBox) {}

    public function show(Request $request): PageOrFragment
    {
        $query = Box::query()->with(Box::CONTENTS);
        $only = $request->string('box')->value();
        $boxes = $query->where($only === '' ? ['stage' => Stage::Ready] : ['id' => $only])->get();

        return new PageOrFragment(view('pack.roll-call', [
            'call' => RollCall::of(array_values($boxes->sortBy('number')->all())),
            'box' => $only === '' ? null : $boxes->first(),
        ]), 'roll-call');
    }

    public function tick(Request $request, Piece $piece): RedirectResponse
    {
        return $this->done($request, fn () => $this->callTheRoll->isLaidOut($piece, $request->boolean('laid')), '');
    }

    /** What becomes of a piece that nobody can find, or that is damaged. */
    public function missing(Request $request, Piece $piece): RedirectResponse
    {
        $request->validate(
            ['way' => ['required', Rule::in(['wait', 'without', 'damaged', 'swap'])]],
            ['*' => Words::of('plan/boxes.errors.in')],
        );
        $name = $piece->planned()->name;
        $way = $request->string('way')->value();
        if ($way === 'swap') {
            $lot = Lot::query()->findOrFail($request->string('lot')->value());
            Gate::authorize('update', $lot);

            return $this->done(
                $request,
                fn () => $this->fillBox->swap($piece, $lot),
                Words::of('pack/bench.roll.swapped', ['name' => $lot->name]),
            );
        }

        return $this->done($request, fn () => match ($way) {
            'wait' => $this->callTheRoll->wait($piece),
            'without' => $this->callTheRoll->without($piece),
            default => $this->callTheRoll->damaged($piece),
        }, Words::of("pack/bench.roll.said.{$way}", ['name' => $name]));
    }

    public function measured(MeasuredRequest $request, Piece $piece): RedirectResponse
    {
        return $this->done(
            $request,
            fn () => $this->callTheRoll->measured($piece, $request->size()),
            Words::of('pack/bench.roll.measured', ['name' => $piece->planned()->name]),
        );
    }

    /** @param Closure(): void $deed */
    private function done(Request $request, Closure $deed, string $said): RedirectResponse
    {
        $box = $request->string('box')->value();
        $back = $box !== '' && $request->input('to') === 'fetch'
            ? to_route('bench', [$box, 'role' => 'fetch'], 303)
            : to_route('roll-call', array_filter(['box' => $box]), 303);
        try {
            $deed();
        } catch (CannotChangeBox|ChangedMeanwhile|NotEnoughLeft $why) {
            return $back->with('said', WhyWords::of($why));
        }

        return $said === '' ? $back : $back->with('said', $said);
    }
}
