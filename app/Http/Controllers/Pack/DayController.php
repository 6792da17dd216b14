<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pack;

use App\Actions\TakeSeat;
use App\Crews\CrewInHand;
use App\Http\Responses\PageOrFragment;
use App\Models\Box;
use App\Models\BoxSeat;
use App\Models\User;
use App\Pages\Gather\Shortfall;
use App\Pages\Pack\DayPage;
use App\Pages\Plan\BoxSheets;
use App\Words\Words;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** A packing day: many people, many boxes, on one page that refreshes itself. */
final class DayController
{
    public function show(CrewInHand $hand, BoxSheets $sheets, Shortfall $shortfall): PageOrFragment
    {
        return new PageOrFragment(
            view('pack.day', ['page' => DayPage::of($hand, $sheets, $shortfall)]),
            'day',
        );
    }

    /** Whoever says no name is the one who is signed in. */
    public function sit(
        Request $request,
        Box $box,
        TakeSeat $takeSeat,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        $name = trim($request->string('name')->value());
        if (mb_strlen($name) > BoxSeat::LONGEST_NAME) {
            return to_route('day', status: 303)->withErrors([
                'name' => Words::of('gather/stash.errors.max', ['max' => BoxSeat::LONGEST_NAME]),
            ]);
        }
        $takeSeat->at($box, $name === '' ? mb_substr($user->name, 0, BoxSeat::LONGEST_NAME) : $name);

        return to_route('day', status: 303);
    }

    public function leave(Request $request, Box $box, TakeSeat $takeSeat): RedirectResponse
    {
        $takeSeat->leave($box, $request->string('name')->value());

        return to_route('day', status: 303);
    }
}
