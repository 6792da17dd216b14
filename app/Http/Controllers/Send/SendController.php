<?php

declare(strict_types=1);

namespace App\Http\Controllers\Send;

use App\Crews\CrewInHand;
use App\Models\Box;
use App\Models\User;
use App\Pages\Plan\BoxSheets;
use App\Pages\Send\HandInDesk;
use App\Support\Today;
use App\Words\WhyWords;
use App\Words\Words;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use PluckyWren\Core\Box\Closing\LineState;
use PluckyWren\Core\Send\BoxCode;
use PluckyWren\Core\Send\Deed;
use PluckyWren\Core\Send\InvalidBoxCode;

/** The way from the closed lid to the drive's desk. */
final class SendController
{
    public function index(BoxSheets $sheets, CrewInHand $hand, #[CurrentUser] User $user): View
    {
        $handIn = $hand->guide()->terms->handIn;

        return view('send.index', [
            'desk' => HandInDesk::of($sheets, $user->crew->currency, $handIn, Today::here()),
            'handIn' => $handIn,
            'places' => $handIn->places(Today::here()),
            'today' => Today::here(),
            'deeds' => Deed::cases(),
            'states' => ['open' => LineState::Open, 'fine' => LineState::Fine],
        ]);
    }

    /** Go to the box that bears a code, typed or scanned. */
    public function find(Request $request): RedirectResponse
    {
        try {
            $code = BoxCode::parse($request->string('code')->limit(40, '')->value());
        } catch (InvalidBoxCode $why) {
            return to_route('send')->withInput()->withErrors(['code' => WhyWords::of($why)]);
        }
        $box = Box::query()->where('number', $code->number)->first();

        return $box === null
            ? to_route('send')
                ->withInput()
                ->withErrors(['code' => Words::of('send/desk.no-such', ['code' => $code->text])])
            : to_route('boxes.show', $box);
    }
}
