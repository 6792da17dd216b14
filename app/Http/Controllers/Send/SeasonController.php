<?php

declare(strict_types=1);

namespace App\Http\Controllers\Send;

use App\Actions\PlanSeason;
use App\Actions\StartSeason;
use App\Calendar\CalendarFile;
use App\Crews\CrewInHand;
use App\Http\Requests\Send\EveningRequest;
use App\Http\Requests\Send\GoalsRequest;
use App\Http\Requests\Send\StartSeasonRequest;
use App\Models\Evening;
use App\Models\User;
use App\Pages\Send\NextSeason;
use App\Pages\Send\SeasonPage;
use App\Refusals\SeasonStarted;
use App\Words\Words;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** Where in the year we are; what the crew has set itself; and the step into the next season. */
final readonly class SeasonController
{
    public function __construct(private CrewInHand $hand, private PlanSeason $planSeason) {}

    public function index(#[CurrentUser] User $user): View
    {
        return view('send.season', [
            'page' => SeasonPage::of($user->crew, $this->hand),
            'says' => CalendarFile::says(...),
        ]);
    }

    public function goals(GoalsRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        $page = SeasonPage::of($user->crew, $this->hand);
        $this->planSeason->goals($user->crew_id, $page->path->season->year, $request->goals($page->bands));

        return to_route('season')->with('said', Words::of('send/season.goals-kept'));
    }

    public function evening(EveningRequest $request): RedirectResponse
    {
        $this->planSeason->evening(new Evening($request->columns()));

        return to_route('season')->with('said', Words::of('send/season.evening-kept'));
    }

    public function noEvening(Evening $evening): RedirectResponse
    {
        $this->planSeason->noEvening($evening);

        return to_route('season')->with('said', Words::of('send/season.evening-gone'));
    }

    public function next(#[CurrentUser] User $user): View
    {
        return view('send.next-season', [
            'next' => NextSeason::of($user->crew, $this->hand), 'guide' => $this->hand->guide(),
            'currency' => $user->crew->currency,
        ]);
    }

    public function start(StartSeasonRequest $request, StartSeason $start, #[CurrentUser] User $user): RedirectResponse
    {
        $next = NextSeason::of($user->crew, $this->hand);
        try {
            $start->execute(
                $user->crew,
                $next->year,
                $request->budget($user->crew->currency),
                $request->goals(array_keys($next->goals)),
                $request->targets($next->moves),
                $request->boolean('copy_guide')
                    ? Words::of('send/next-season.guide-season', ['year' => $next->year])
                    : null,
            );
        } catch (SeasonStarted $why) {
            return to_route('season.next', [], 303)->withErrors(['season' => $why->getMessage()]);
        }

        return to_route('season')->with('said', Words::of('send/next-season.begun', ['year' => $next->year]));
    }
}
