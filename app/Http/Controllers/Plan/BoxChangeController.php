<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Actions\UndoBoxChange;
use App\Models\BoxChange;
use App\Refusals\CannotUndo;
use App\Support\Texts;
use App\Words\WhyWords;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use PluckyWren\Core\Stash\NotEnoughLeft;

/** Takes back what was done to a box. */
final class BoxChangeController
{
    public function __invoke(Request $request, BoxChange $change, UndoBoxChange $undoBoxChange): RedirectResponse
    {
        $also = Texts::of($request->query('also'));

        return $also === [] ? $this->one($change, $undoBoxChange) : $this->all($also, $change, $undoBoxChange);
    }

    /** @param list<string> $also ids of what was done in the same act before */
    private function all(array $also, BoxChange $change, UndoBoxChange $undoBoxChange): RedirectResponse
    {
        $others = BoxChange::query()->whereKey($also);
        $others->orderBy('id');
        $others = $others->get();
        $others->count() === count(array_unique($also)) || abort(404);
        try {
            $boxes = $undoBoxChange->all([...array_values($others->all()), $change]);
        } catch (CannotUndo|NotEnoughLeft $why) {
            return back(303)->withErrors(['undo' => WhyWords::of($why)]);
        }

        return back(303)->with('said', trans_choice('plan/history.undone-in', $boxes));
    }

    private function one(BoxChange $change, UndoBoxChange $undoBoxChange): RedirectResponse
    {
        try {
            $box = $undoBoxChange->execute($change);
        } catch (CannotUndo|NotEnoughLeft $why) {
            return back(303)->withErrors(['undo' => WhyWords::of($why)]);
        }

        return ($box->exists ? to_route('boxes.show', $box, 303) : to_route('shelf', status: 303))->with(
            'said',
            Words::of('plan/history.undone', ['what' => Words::of("plan/history.what.{$change->what}")]),
        );
    }
}
