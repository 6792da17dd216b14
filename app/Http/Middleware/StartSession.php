<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Session\AsideFileSessionHandler;
use Illuminate\Contracts\Session\Session;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession as LaravelStartSession;
use Illuminate\Session\Store;

/**
 * Keeps a session that a request did not change as it is on the disk.
 *
 * Written back, it would undo what another request of the same person wrote meanwhile: what was just said, or what was
 * typed into a form that was refused. What a page asks for by itself never writes a session: `Unasked`, and what a
 * browser fetches that is neither a page nor a part of one (pictures, pages kept for the shop).
 */
final class StartSession extends LaravelStartSession
{
    /**
     * @param  Session  $session
     */
    protected function storeCurrentUrl(Request $request, $session): void
    {
        // A fragment is no page to go back to.
        if (! $request->hasHeader('HX-Request')) {
            parent::storeCurrentUrl($request, $session);
        }
    }

    /**
     * @param  Request  $request
     */
    protected function saveSession($request): void
    {
        $session = $request->session();
        $handler = $session instanceof Store ? $session->getHandler() : null;
        if (
            $handler instanceof AsideFileSessionHandler
                && self::mayStay($request, $session, $handler->asRead($session->getId()))
        ) {
            $handler->keepAwake($session->getId());
        } else {
            parent::saveSession($request);
        }
    }

    private static function mayStay(Request $request, Session $session, string $asRead): bool
    {
        $hasToSay = $session->get('_flash.old', []) !== [] || $session->get('_flash.new', []) !== [];

        return $asRead !== ''
            && (self::isUnasked($request) || (! $hasToSay && $asRead === serialize($session->all())));
    }

    private static function isUnasked(Request $request): bool
    {
        $isPage = $request->header('Sec-Fetch-Mode', 'navigate') === 'navigate' || $request->hasHeader('HX-Request');

        return $request->attributes->has(Unasked::class) || ($request->isMethod('GET') && ! $isPage);
    }
}
