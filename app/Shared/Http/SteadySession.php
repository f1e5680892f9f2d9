<?php

declare(strict_types=1);

namespace App\Shared\Http;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Symfony\Component\HttpFoundation\Response;

/**
 * Hands out a session's cookies once, and none with the answer that nobody is signed in. A screen asks what it shows
 * while somebody signs in: the answer to a request that began before would otherwise bring the old session's cookie
 * back, or that of a session nobody has, and sign the person out again.
 */
final class SteadySession extends StartSession
{
    /** Nobody is signed in; the token no longer fits. The page asks for its session and then goes on. */
    private const WITHOUT = [401, 419];

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
        if ($response instanceof Response && ($brought === $session->getId() || in_array($response->getStatusCode(), self::WITHOUT, true))) {
            $response->headers->removeCookie($session->getName());
            if (! $request->is(self::RENEWS)) {
                $response->headers->removeCookie('XSRF-TOKEN');
            }
        }

        return $response;
    }
}
