<?php

declare(strict_types=1);

namespace App\Http\Controllers\Crew;

use App\Actions\InvitePeople;
use App\Http\Requests\Crew\JoinRequest;
use App\Models\Crew;
use App\Models\Invite;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;

/** Comes into a crew by the link of an invite. */
final class JoinController
{
    /** A link that has ended is not there, and says why. */
    public function show(string $token): Response
    {
        $invite = Invite::ofLink($token);

        return response()->view('crew.join', [
            'token' => $token, 'invite' => $invite,
            'crew' => $invite === null ? null : Crew::query()->findOrFail($invite->crew_id),
        ], $invite === null ? 404 : 200);
    }

    public function store(JoinRequest $request, string $token, InvitePeople $invitePeople): RedirectResponse
    {
        $user = $invitePeople->join(
            $token,
            $request->string('name')->value(),
            $request->string('email')->value(),
            $request->string('password')->value(),
        );
        if ($user === null) {
            return back(303)->withInput($request->only(['name', 'email']))
                ->withErrors(['email' => Words::of('crew/people.not-joined')]);
        }
        Auth::login($user);
        $request->session()->regenerate();

        $said = Words::of('crew/people.joined', ['crew' => $user->crew->name]);

        return to_route('shelf', status: 303)->with('said', $said);
    }
}
