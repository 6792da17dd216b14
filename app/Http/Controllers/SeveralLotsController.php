<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\CannotChangeBox;
use App\Actions\ChangeSeveralLots;
use App\Http\Requests\SeveralLotsRequest;
use Illuminate\Http\RedirectResponse;
use PluckyWren\Core\Stash\NotEnoughLeft;

final class SeveralLotsController
{
    public function __invoke(SeveralLotsRequest $request, ChangeSeveralLots $changeSeveralLots): RedirectResponse
    {
        $lots = $request->lots();
        try {
            $changeSeveralLots->execute($lots, $request->tag(), $request->corrections(), $request->box());
        } catch (NotEnoughLeft|CannotChangeBox $why) {
            return back(303)->withErrors(['several' => $why->getMessage()])->withInput();
        }

        return back(303)->with('said', trans_choice('stash.several', count($lots)));
    }
}
