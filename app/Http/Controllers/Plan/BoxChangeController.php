<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Actions\UndoBoxChange;
use App\Models\BoxChange;
use App\Refusals\CannotUndo;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use PluckyWren\Core\Stash\NotEnoughLeft;

/** Takes back what was done to a box. */
final class BoxChangeController
{
    public function __invoke(BoxChange $change, UndoBoxChange $undoBoxChange): RedirectResponse
    {
        try {
            $box = $undoBoxChange->execute($change);
        } catch (CannotUndo|NotEnoughLeft $why) {
            return back(303)->withErrors(['undo' => $why->getMessage()]);
        }

        return to_route('boxes.show', $box, 303)->with(
            'said',
            Words::of('plan/history.undone', ['what' => Words::of("plan/history.what.{$change->what}")]),
        );
    }
}
