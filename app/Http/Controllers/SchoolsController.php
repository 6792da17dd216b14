<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use App\View\Words;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use PluckyWren\Core\Stash\Preparation\Schools;

/** Keeps how a crew likes to do what can be done in several good ways. */
final class SchoolsController
{
    public function __invoke(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $user->crew->update(['schools' => new Schools($request->boolean('bags_puzzles'), $request->boolean('strips_packaging'), $request->boolean('sends_photos'))]);

        return back(303)->with('said', Words::of('tasks.schools-kept'));
    }
}
