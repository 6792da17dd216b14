<?php

declare(strict_types=1);

namespace App\Http\Controllers\Gather;

use App\Actions\ChangeLot;
use App\Http\Requests\Gather\PriceLaterRequest;
use App\Models\Lot;
use App\Refusals\ChangedMeanwhile;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;

/** Writes the price of something down that came into the stash without one. */
final class PriceLaterController
{
    public function __invoke(PriceLaterRequest $request, Lot $lot, ChangeLot $changeLot): RedirectResponse
    {
        try {
            $changeLot->price($lot, $request->paid());
        } catch (ChangedMeanwhile $why) {
            return to_route('shopping', status: 303)->with('said', $why->getMessage());
        }

        return to_route('shopping', status: 303)
            ->with('said', Words::of('gather/shopping.priced', ['name' => $lot->name]));
    }
}
