<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Actions\BoxHistory;
use App\Actions\FillSeveral;
use App\Http\Requests\Plan\BesideRequest;
use App\Models\Box;
use App\Pages\Plan\BesidePage;
use App\Refusals\CannotChangeBox;
use App\Support\Texts;
use App\Words\WhyWords;
use Closure;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Gate;
use PluckyWren\Core\Guide\Rules\RuleBook;
use PluckyWren\Core\Stash\NotEnoughLeft;

/** Several boxes next to each other: what they share and where they differ. */
final class BesideController
{
    public function __construct(private BoxHistory $history) {}

    public function show(Request $request, RuleBook $rules): View
    {
        return view('plan.beside', ['page' => BesidePage::of(Texts::of($request->query('with')), $rules)]);
    }

    public function put(BesideRequest $request, FillSeveral $fill): RedirectResponse
    {
        $lots = $request->lots();
        $each = $request->integer('each');

        return $this->answered($request, 'put', static fn (Collection $boxes) => $fill->put($boxes, $lots, $each));
    }

    public function takeOut(BesideRequest $request, FillSeveral $fill): RedirectResponse
    {
        $kind = $request->string('kind')->value();

        return $this->answered($request, 'taken', static fn (Collection $boxes) => $fill->takeOut($boxes, $kind));
    }

    public function likeFirst(BesideRequest $request, FillSeveral $fill): RedirectResponse
    {
        $kind = $request->string('kind')->value();

        return $this->answered($request, 'put', static fn (Collection $boxes) => $fill->likeFirst($boxes, $kind));
    }

    /** @param  Closure(Collection<int, Box>): int  $deed  tells how many boxes it concerned */
    private function answered(BesideRequest $request, string $said, Closure $deed): RedirectResponse
    {
        $boxes = $request->boxes();
        $boxes->each(static fn (Box $box) => Gate::authorize('update', $box));
        try {
            $count = $deed($boxes);
        } catch (NotEnoughLeft|CannotChangeBox $why) {
            return back(303)->withErrors(['lot' => WhyWords::of($why)])->withInput();
        }

        return back(303)
            ->with('said', trans_choice("plan/beside.{$said}", $count))
            ->with('undo', $this->history->undoAllAddress());
    }
}
