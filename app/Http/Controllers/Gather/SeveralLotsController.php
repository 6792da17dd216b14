<?php

declare(strict_types=1);

namespace App\Http\Controllers\Gather;

use App\Actions\ChangeSeveralLots;
use App\Http\Requests\Gather\SeveralLotsRequest;
use App\Refusals\CannotChangeBox;
use App\Words\WhyWords;
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
            return back(303)->withErrors(['several' => WhyWords::of($why)])->withInput();
        }

        return back(303)->with('said', trans_choice('gather/stash.several', count($lots)));
    }
}
