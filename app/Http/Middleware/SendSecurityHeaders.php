<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** Tells the browser to load and send nothing but our own. */
final class SendSecurityHeaders
{
    private const POLICY = [
        "default-src 'none'", "script-src 'self'", "style-src 'self'", "img-src 'self'", "font-src 'self'",
        "connect-src 'self'",
        "form-action 'self'", "base-uri 'none'", "frame-ancestors 'none'", "manifest-src 'self'",
    ];

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $response->headers->set('Content-Security-Policy', implode('; ', self::POLICY));
        $response->headers->set('X-Content-Type-Options', 'nosniff');
        $response->headers->set('Referrer-Policy', 'same-origin');
        $response->headers->remove('X-Powered-By');
        // After someone signs out, going back shows nothing of theirs.
        if (Auth::hasUser()) {
            $response->headers->set('Cache-Control', 'no-store, private');
        }

        return $response;
    }
}
