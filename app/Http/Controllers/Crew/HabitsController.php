<?php

declare(strict_types=1);

namespace App\Http\Controllers\Crew;

use App\Actions\ChangeCrew;
use App\Models\User;
use App\Words\Words;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use PluckyWren\Core\Stash\Preparation\Habits;

/** Keeps how a crew likes to do what can be done in several good ways. */
final class HabitsController
{
    public function __invoke(Request $request, ChangeCrew $changeCrew, #[CurrentUser] User $user): RedirectResponse
    {
        $habits = static fn (string $before): Habits => new Habits(
            $request->boolean("{$before}bags_puzzles"),
            $request->boolean("{$before}strips_packaging"),
            $request->boolean("{$before}sends_photos"),
            $request->boolean("{$before}calls_the_roll"),
        );
        $changeCrew->habits($user->crew, $habits(''), $request->has('was_bags_puzzles') ? $habits('was_') : null);

        return back(303)->with('said', Words::of('pack/tasks.habits-kept'));
    }
}
