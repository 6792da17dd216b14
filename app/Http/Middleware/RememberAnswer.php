<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Actions\Once;
use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Keeps where a deed led that is done once, so that whoever sends its form again is led there too. */
final class RememberAnswer
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        if ($response instanceof RedirectResponse && $request->filled('once')) {
            $said = $request->session()->get('said', '');
            resolve(Once::class)->answered($response->getTargetUrl(), is_string($said) ? $said : '');
        }

        return $response;
    }
}
