<?php

declare(strict_types=1);

namespace App\Http\Controllers\Gather;

use App\Actions\FillWaitingBoxes;
use App\Refusals\CannotChangeBox;
use Illuminate\Http\RedirectResponse;

/** Puts what is on hand into the boxes that wait for it. */
final class WaitingBoxesController
{
    public function __invoke(FillWaitingBoxes $fillWaitingBoxes): RedirectResponse
    {
        try {
            $count = $fillWaitingBoxes->execute();
        } catch (CannotChangeBox $why) {
            return back(303)->withErrors(['waiting' => $why->getMessage()]);
        }

        return back(303)->with('said', trans_choice('gather/waiting.filled', $count));
    }
}
