<?php

declare(strict_types=1);

namespace App\Http\Controllers\Crew;

use App\Models\Crew;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

final class OpenDemoController
{
    public function __invoke(Request $request): RedirectResponse
    {
        config()->boolean('wren.demo') || abort(404);
        $user = Crew::query()->where('is_demo', true)->firstOrFail()->users()->firstOrFail();
        Auth::login($user);
        $request->session()->regenerate();

        return to_route('shelf');
    }
}
