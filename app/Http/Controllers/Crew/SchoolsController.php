<?php

declare(strict_types=1);

namespace App\Http\Controllers\Crew;

use App\Actions\ChangeCrew;
use App\Models\User;
use App\Words\Words;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use PluckyWren\Core\Stash\Preparation\Schools;

/** Keeps how a crew likes to do what can be done in several good ways. */
final class SchoolsController
{
    public function __invoke(Request $request, ChangeCrew $changeCrew, #[CurrentUser] User $user): RedirectResponse
    {
        $schools = static fn (string $before): Schools => new Schools(
            $request->boolean("{$before}bags_puzzles"),
            $request->boolean("{$before}strips_packaging"),
            $request->boolean("{$before}sends_photos"),
        );
        $changeCrew->schools($user->crew, $schools(''), $request->has('was_bags_puzzles') ? $schools('was_') : null);

        return back(303)->with('said', Words::of('tasks.schools-kept'));
    }
}
