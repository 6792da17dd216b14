<?php

declare(strict_types=1);

namespace App\Http\Controllers\Crew;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Keeps whether someone packs by daylight or by lamplight; the machine's own wish where they do not say. */
final class SchemeController
{
    private const MINUTES = 60 * 24 * 365;

    public function __invoke(Request $request): RedirectResponse
    {
        $scheme = $request->input('scheme');
        in_array($scheme, ['light', 'dark', 'auto'], true) || abort(422);

        return back(303)->withCookie(
            cookie('scheme', $scheme, self::MINUTES, secure: $request->secure(), sameSite: 'lax'),
        );
    }
}
