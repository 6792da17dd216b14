<?php

declare(strict_types=1);

namespace App\Http\Controllers\Crew;

use App\Actions\ChangePeople;
use App\Actions\InvitePeople;
use App\Archive\CrewArchive;
use App\Models\HelperLink;
use App\Models\Invite;
use App\Models\User;
use App\Refusals\CannotChangePeople;
use App\Words\Words;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\Rule;

/** Who is in the crew, what they may do, and how others come to it. */
final readonly class PeopleController
{
    public function __construct(private ChangePeople $changePeople, private InvitePeople $invitePeople) {}

    public function show(#[CurrentUser] User $user): View
    {
        $people = User::query()->where('crew_id', $user->crew_id);
        $people->orderBy('id');
        $invites = Invite::query();
        Invite::open($invites);
        $links = HelperLink::query()->whereNull('revoked_at');

        return view('crew.people', [
            'people' => $people->get(), 'invites' => $invites->get(), 'links' => $links->get(), 'me' => $user,
            'isEmpty' => CrewArchive::isEmpty($user->crew),
        ]);
    }

    public function invite(Request $request): RedirectResponse
    {
        $token = $this->invitePeople->invite(self::roleIn($request));

        return self::back('crew/people.invited')->with('link', route('join', $token));
    }

    public function takeBack(Invite $invite): RedirectResponse
    {
        $this->invitePeople->takeBack($invite);

        return self::back('crew/people.invite-taken-back');
    }

    public function helper(Request $request): RedirectResponse
    {
        $request->validate(['shows' => ['required', Rule::in(HelperLink::SHOWS)]]);
        $shows = $request->input('shows') === 'evening' ? 'evening' : 'shopping';

        return self::back('crew/people.linked')
            ->with('link', route('helper', $this->invitePeople->helper($shows)));
    }

    public function revoke(HelperLink $link): RedirectResponse
    {
        $this->invitePeople->revoke($link);

        return self::back('crew/people.revoked');
    }

    public function role(Request $request, User $person): RedirectResponse
    {
        try {
            $this->changePeople->role($person, self::roleIn($request));
        } catch (CannotChangePeople $why) {
            return self::refused($why);
        }

        return self::back('crew/people.role-kept', ['name' => $person->name]);
    }

    public function remove(User $person): RedirectResponse
    {
        try {
            $this->changePeople->remove($person);
        } catch (CannotChangePeople $why) {
            return self::refused($why);
        }

        return self::back('crew/people.removed', ['name' => $person->name]);
    }

    /** Delete the crew with all it has, once its name was typed. */
    public function dissolve(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        if (trim($request->string('crew')->value()) !== $user->crew->name) {
            return to_route('people', status: 303)->withErrors(['crew' => Words::of('crew/people.wrong-crew')]);
        }
        $this->changePeople->dissolve($user->crew);
        Auth::logout();
        $request->session()->invalidate();

        return to_route('welcome', status: 303)->with('said', Words::of('crew/people.dissolved'));
    }

    /** @return 'member'|'keeper' */
    private static function roleIn(Request $request): string
    {
        return $request->input('role') === User::KEEPER ? User::KEEPER : User::MEMBER;
    }

    /** @param array<string, string> $with */
    private static function back(string $said, array $with = []): RedirectResponse
    {
        return to_route('people', status: 303)->with('said', Words::of($said, $with));
    }

    private static function refused(CannotChangePeople $why): RedirectResponse
    {
        return to_route('people', status: 303)->withErrors(['people' => $why->getMessage()]);
    }
}
