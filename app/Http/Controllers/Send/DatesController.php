<?php

declare(strict_types=1);

namespace App\Http\Controllers\Send;

use App\Actions\ShareCalendar;
use App\Calendar\CalendarFile;
use App\Crews\CrewInHand;
use App\Models\Crew;
use App\Models\User;
use App\Pages\Send\Dates;
use App\Words\Words;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** The year as dates: on a page, as a file, and at an address that a calendar follows without anyone signed in. */
final readonly class DatesController
{
    public function __construct(private ShareCalendar $shareCalendar) {}

    public function index(#[CurrentUser] User $user): View
    {
        return view('send.dates', [
            'dates' => Dates::of($user->crew),
            'says' => CalendarFile::says(...),
            'address' => $user->crew->calendar_key === null ? null : route('calendar', $user->crew->calendar_key),
        ]);
    }

    public function file(#[CurrentUser] User $user): Response
    {
        return self::calendar($user->crew, 'attachment');
    }

    public function feed(string $key, CrewInHand $crewInHand): Response
    {
        $crew = Crew::query()->where('calendar_key', $key)->firstOrFail();
        $crewInHand->take($crew);

        return self::calendar($crew, 'inline');
    }

    public function open(#[CurrentUser] User $user): RedirectResponse
    {
        $this->shareCalendar->open($user->crew);

        return to_route('dates')->with('said', Words::of('send/dates.opened'));
    }

    public function close(#[CurrentUser] User $user): RedirectResponse
    {
        $this->shareCalendar->close($user->crew);

        return to_route('dates')->with('said', Words::of('send/dates.closed'));
    }

    private static function calendar(Crew $crew, string $disposition): Response
    {
        $file = CalendarFile::of(Dates::of($crew), $crew->name, CarbonImmutable::now());

        return new Response($file, 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => "{$disposition}; filename=\"season.ics\"",
            'Cache-Control' => 'private, no-cache',
        ]);
    }
}
