<?php

declare(strict_types=1);

namespace App\Http\Controllers\Send;

use App\Actions\HandInTrip;
use App\Actions\PlanTrip;
use App\Crews\CrewInHand;
use App\Http\Requests\Send\DocketsRequest;
use App\Http\Requests\Send\TripRequest;
use App\Models\Trip;
use App\Pages\Plan\BoxSheets;
use App\Pages\Send\TripChoices;
use App\Pages\Send\TripPage;
use App\Refusals\CannotChangeBox;
use App\Refusals\ChangedMeanwhile;
use App\Support\Today;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** Trips to the drive's places: which boxes go where, and what the desk said. */
final readonly class TripController
{
    public function __construct(private PlanTrip $planTrip, private HandInTrip $handInTrip) {}

    public function create(CrewInHand $hand): View
    {
        return view('send.trip-new', [
            'choose' => TripChoices::of($hand->guide()->terms->handIn, Today::here()),
        ]);
    }

    public function store(TripRequest $request): RedirectResponse
    {
        $trip = $this->planTrip->keep($request->fill(new Trip), $request->boxIds());

        return to_route('trips.show', $trip)->with('said', Words::of('send/trips.planned'));
    }

    public function show(Trip $trip, BoxSheets $sheets, CrewInHand $hand): View
    {
        $guide = $hand->guide();

        return view('send.trip', [
            'handIn' => $guide->terms->handIn,
            'page' => TripPage::of($trip->load('boxes'), $sheets, $guide),
            'choose' => TripChoices::of($guide->terms->handIn, Today::here(), $trip),
            'places' => $guide->terms->handIn->places($guide->terms->handIn->opens(Today::here())),
            'closes' => $guide->terms->handIn->closes($guide->terms->handIn->opens(Today::here())),
        ]);
    }

    public function update(TripRequest $request, Trip $trip): RedirectResponse
    {
        $this->planTrip->keep($request->fill($trip), $request->boxIds());

        return to_route('trips.show', $trip)->with('said', Words::of('send/trips.changed'));
    }

    public function destroy(Trip $trip): RedirectResponse
    {
        $this->planTrip->drop($trip);

        return to_route('send')->with('said', Words::of('send/trips.dropped'));
    }

    /** All that is packed is handed in; the numbers that are known by then are kept in the same act. */
    public function handIn(DocketsRequest $request, Trip $trip): RedirectResponse
    {
        try {
            $count = $this->handInTrip->execute($trip, array_filter($request->dockets()));
        } catch (CannotChangeBox|ChangedMeanwhile $why) {
            return back(303)->withInput()->withErrors(['trip' => $why->getMessage()]);
        }

        return to_route('trips.show', $trip)->with('said', trans_choice('send/trips.handed-in', $count));
    }

    public function dockets(DocketsRequest $request, Trip $trip): RedirectResponse
    {
        $this->handInTrip->dockets($trip, $request->dockets());

        return to_route('trips.show', $trip)->with('said', Words::of('send/trips.dockets-kept'));
    }
}
