<?php

declare(strict_types=1);

namespace App\Shared\Http;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Symfony\Component\HttpFoundation\Response;

/**
 * Hands out a session's cookies once. A bench sends what waits in its outbox while somebody signs in: the answer to a
 * request that began before would otherwise bring the old session's cookie back and sign the person out again.
 */
final class SteadySession extends StartSession
{
    private const STALE = 419;

    /** What the page reads to renew a token that no longer fits. */
    private const RENEWS = 'api/session';

    /** Nobody is sent back to where they were: to note it would change the session with every page and poll. */
    protected function storeCurrentUrl(Request $request, $session): void
    {
    }

    protected function handleStatefulRequest(Request $request, $session, Closure $next)
    {
        $brought = $request->cookies->get($session->getName());
        $response = parent::handleStatefulRequest($request, $session, $next);
        if ($response instanceof Response && ($brought === $session->getId() || $response->getStatusCode() === self::STALE)) {
            $response->headers->removeCookie($session->getName());
            if (! $request->is(self::RENEWS)) {
                $response->headers->removeCookie('XSRF-TOKEN');
            }
        }

        return $response;
    }
}
