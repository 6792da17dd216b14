<?php

declare(strict_types=1);

namespace App\Http\Controllers\Crew;

use App\Actions\UndoDeed;
use App\Models\Box;
use App\Models\User;
use App\Pages\Crew\LatelyPage;
use App\Refusals\CannotChangeBox;
use App\Refusals\CannotUndo;
use App\Words\WhyWords;
use App\Words\Words;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use PluckyWren\Core\Stash\NotEnoughLeft;

/** What was done lately, by whom, and the way back. */
final class LatelyController
{
    public function show(Request $request, #[CurrentUser] User $user): View
    {
        $isAll = $request->query('by') === 'all';
        $page = $request->has('box')
            ? LatelyPage::ofBox(Box::query()->findOrFail($request->string('box')->value()))
            : LatelyPage::of($isAll ? '' : $user->name);

        return view('crew.lately', ['page' => $page]);
    }

    public function undo(string $deed, UndoDeed $undoDeed, #[CurrentUser] User $user): RedirectResponse
    {
        ! $undoDeed->isForKeepers($deed) || $user->isKeeper() || abort(403);
        try {
            $gone = $undoDeed->execute($deed) ?? abort(404);
        } catch (CannotUndo|NotEnoughLeft|CannotChangeBox $why) {
            return back(303)->withErrors(['undo' => WhyWords::of($why)]);
        }
        // The page of what is gone cannot be gone back to.
        $isOnItsPage = Str::contains(url()->previous(), $gone);
        $isOfLot = Str::contains(url()->previous(), '/lots/');
        $to = $isOnItsPage ? to_route($isOfLot ? 'gather' : 'shelf', status: 303) : back(303);

        return $to->with('said', Words::of('crew/lately.was-undone'))->with('undo', '');
    }
}
