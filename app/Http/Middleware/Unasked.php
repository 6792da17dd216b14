<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Marks what a page asks for by itself, with no hand at it: it may come at any moment, and may be thrown away unseen.
 */
final class Unasked
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $request->attributes->set(self::class, true);

        return $next($request);
    }

    /** Determine if a request is marked so, or fetches what is neither a page nor a part of one, as pictures are. */
    public static function is(Request $request): bool
    {
        $isPage = $request->header('Sec-Fetch-Mode', 'navigate') === 'navigate' || $request->hasHeader('HX-Request');

        return $request->attributes->has(self::class) || ($request->isMethod('GET') && ! $isPage);
    }
}
