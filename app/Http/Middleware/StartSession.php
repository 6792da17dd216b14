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
 * typed into a form that was refused. What a page asks for by itself (`Unasked`) never writes a session.
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
            && (Unasked::is($request) || (! $hasToSay && $asRead === serialize($session->all())));
    }
}
