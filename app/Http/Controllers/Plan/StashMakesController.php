<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Crews\CrewInHand;
use App\Models\User;
use App\Pages\Plan\StashMakesPage;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use PluckyWren\Core\Stash\Catalogue;

/** How many complete boxes lie in the stash. */
final class StashMakesController
{
    public function __invoke(
        Request $request,
        CrewInHand $hand,
        Catalogue $catalogue,
        #[CurrentUser] User $user,
    ): View {
        return view('plan.stash-makes', [
            'page' => StashMakesPage::of($user->crew, $hand, $catalogue, $request->boolean('open')),
        ]);
    }
}
