<?php

declare(strict_types=1);

namespace App\Http\Controllers\Send;

use App\Actions\KeepCountry;
use App\Models\LogBox;
use App\Pages\Send\BoxPath;
use App\Pages\Send\LogPage;
use App\Words\CountryNames;
use App\Words\WhyWords;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use PluckyWren\Core\Send\Track\Docket;
use PluckyWren\Core\Send\Track\InvalidDocket;

/** What became of all boxes: found by anything that was in them. */
final readonly class LogController
{
    public function __construct(private KeepCountry $keepCountry) {}

    public function index(Request $request): View
    {
        return view('send.log', ['log' => LogPage::of(
            $request->string('q')->trim()->limit(80, '')->value(),
            $request->string('season')->value(),
            $request->string('band')->value(),
            $request->string('gender')->value(),
            $request->string('country')->value(),
        )]);
    }

    public function show(LogBox $line): View
    {
        return view(
            'send.path',
            ['path' => BoxPath::of($line->load('pieces', 'track')), 'countries' => CountryNames::all()],
        );
    }

    /** What the desk or the drive said of one box: its docket number; where it was given out, where nobody is asked. */
    public function update(Request $request, LogBox $line): RedirectResponse
    {
        $request->validate(
            ['country' => ['nullable', Rule::in(array_keys(CountryNames::all()))]],
            ['country.*' => Words::of('send/path.no-country')],
        );
        try {
            $typed = $request->string('docket')->trim()->value();
            $docket = $typed === '' ? null : Docket::parse($typed);
        } catch (InvalidDocket $why) {
            return back(303)->withInput()->withErrors(['docket' => WhyWords::of($why)]);
        }
        $this->keepCountry->execute($line, $docket, $request->string('country')->value() ?: null);

        return to_route('log.box', $line, 303)->with('said', Words::of('send/path.saved'));
    }
}
