<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use App\Reference\Notations;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Keeps how a crew writes its figures. */
final class FiguresController
{
    public function __invoke(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $locale = $request->input('locale');
        in_array($locale, Notations::LOCALES, true) || abort(422);
        $user->crew->update(['locale' => $locale]);

        return back(303);
    }
}
